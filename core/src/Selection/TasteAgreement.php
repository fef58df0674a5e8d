<?php

declare(strict_types=1);

namespace Marrow\Core\Selection;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\ChiSquare;

/**
 * Whether several who tasted the same samples blind agree on which is better: Friedman's test on mid-ranks within each taster, Kendall's W
 * corrected for ties. Exact while few arrangements are possible, else by χ², which is rough.
 */
final readonly class TasteAgreement
{
    /** Tasters and samples; more no table seats. */
    public const MOST_TASTERS = 60;

    public const MOST_SAMPLES = 24;

    /** Arrangements up to which every one is reckoned. */
    private const MOST_EXACT = 200_000;

    /**
     * @param  list<float>  $ranks  mean rank of each sample, the highest score the highest rank
     * @param  float  $w  agreement: 0 none, 1 all alike
     * @param  float  $p  chance of as much agreement among tasters who taste no difference
     * @param  bool  $isExact  p by all arrangements; else by χ², rough
     * @param  float  $leastP  the least p that such a tasting could show, were all to agree
     */
    private function __construct(public array $ranks, public float $w, public float $chiSquare, public float $p, public bool $isExact, public float $leastP) {}

    /**
     * @param  list<list<float>>  $scores  a row a taster, a score a sample; two of each at the least
     *
     * @throws InvalidFigure where a score is missing
     */
    public static function of(array $scores): self
    {
        $samples = count($scores[0] ?? []);
        $leastP = self::leastP(count($scores), $samples);
        $ranks = [];
        foreach ($scores as $i => $row) {
            if (count($row) !== $samples) {
                throw InvalidFigure::because('scores', sprintf('Taster %d scored %d samples and the first %d: a score is missing, or one too many. Leave the taster out, or taste it again.', $i + 1, count($row), $samples));
            }
            $ranks[] = self::doubled($row);
        }
        $tasters = count($ranks);
        $sums = array_map(static fn (int $sample): int => array_sum(array_column($ranks, $sample)), range(0, $samples - 1));
        // Of ranks from 1 to k, doubled, as far apart as they can lie: without ties k(k² − 1)/3 each.
        $most = $tasters * array_sum(array_map(static fn (array $row): int => self::apart($row, $samples), $ranks));
        $mean = array_map(static fn (int $sum): float => $sum / (2 * $tasters), $sums);
        if ($most === 0) {
            return new self($mean, 0.0, 0.0, 1.0, true, $leastP);
        }
        $apart = self::apart($sums, $samples);
        $w = $apart / $most;
        $chiSquare = $tasters * ($samples - 1) * $w;
        $isExact = self::arrangements($tasters, $samples) <= self::MOST_EXACT;

        return new self($mean, $w, $chiSquare, $isExact ? self::exact($ranks, $apart, $samples) : ChiSquare::above($chiSquare, $samples - 1), $isExact, $leastP);
    }

    /**
     * What such a tasting could show at the best: were all to agree, without ties.
     *
     * @throws InvalidFigure
     */
    public static function leastP(int $tasters, int $samples): float
    {
        InvalidFigure::unlessWithin('tasters', $tasters, 2, self::MOST_TASTERS, 'tasters');
        InvalidFigure::unlessWithin('samples', $samples, 2, self::MOST_SAMPLES, 'samples');

        return 1.0 / self::arrangements($tasters, $samples);
    }

    /** Each of the others against the first: (k!)^(m − 1). */
    private static function arrangements(int $tasters, int $samples): float
    {
        return self::factorial($samples) ** ($tasters - 1);
    }

    private static function factorial(int $n): float
    {
        return (float) array_product(range(1, $n));
    }

    /**
     * @param  list<float>  $row
     * @return list<int> twice the mid-rank of each
     */
    private static function doubled(array $row): array
    {
        return array_map(static fn (float $one): int => 2 * count(array_filter($row, static fn (float $other): bool => $other < $one)) + count(array_filter($row, static fn (float $other): bool => $other === $one)) + 1, $row);
    }

    /**
     * Samples times the sum of squares less the square of the sum: whole, so that no rounding decides what counts as much.
     *
     * @param  list<int>  $sums
     */
    private static function apart(array $sums, int $samples): int
    {
        return $samples * array_sum(array_map(static fn (int $one): int => $one * $one, $sums)) - array_sum($sums) ** 2;
    }

    /**
     * The share of all arrangements of each taster's ranks in which they agree as much. What sums to the same goes together.
     *
     * @param  list<list<int>>  $ranks
     */
    private static function exact(array $ranks, int $apart, int $samples): float
    {
        $first = array_shift($ranks) ?? [];
        $ways = [implode(' ', $first) => 1.0];
        foreach ($ranks as $row) {
            $permuted = self::permuted($row);
            $next = [];
            foreach ($ways as $sums => $many) {
                $before = array_map(intval(...), explode(' ', $sums));
                foreach ($permuted as $one) {
                    $key = implode(' ', array_map(static fn (int $a, int $b): int => $a + $b, $before, $one));
                    $next[$key] = ($next[$key] ?? 0.0) + $many;
                }
            }
            $ways = $next;
        }
        $as = 0.0;
        foreach ($ways as $sums => $many) {
            $as += self::apart(array_map(intval(...), explode(' ', $sums)), $samples) >= $apart ? $many : 0.0;
        }

        return $as / array_sum($ways);
    }

    /**
     * @param  list<int>  $row
     * @return list<list<int>>
     */
    private static function permuted(array $row): array
    {
        if (count($row) < 2) {
            return [$row];
        }
        $all = [];
        foreach ($row as $i => $one) {
            $rest = $row;
            unset($rest[$i]);
            foreach (self::permuted(array_values($rest)) as $tail) {
                $all[] = [$one, ...$tail];
            }
        }

        return $all;
    }
}
