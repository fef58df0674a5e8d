<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A rota played many times over, as years go and not as they are on the average: poor years in which more fails everywhere,
 * lots that die each at its own time, a store that ages seed faster or slower than forecast for all lots alike. Other than
 * the rota's own reckoning it falls back on older lots, and sows what fell due again the year after it failed where the seed
 * suffices.
 */
final readonly class Play
{
    /** One year in five is poor: in it growings fail more often, in the others less, so that it is the line's own chance in the mean. */
    private const POOR = 0.2;

    private const TIMES = 2.5;

    /** How far a store's pace may be from what is forecast: as a logarithm, one standard deviation. */
    private const PACE = 0.25;

    /**
     * @param  array<string, float>  $kept  by line, share of the plays at whose end it is there
     * @param  float  $lost  lines lost, in the mean
     */
    private function __construct(public int $plays, public array $kept, public float $lost) {}

    /**
     * @param  array<string, list<int>>  $sowings  by line, years from 0
     * @param  int  $plays  at least 1
     * @param  int  $seed  the same plays the same years
     * @param  float  $pace  times as fast as forecast that seed ages: below 1 where it is stored better
     */
    public static function of(RotaProblem $problem, array $sowings, int $plays, int $seed, float $pace = 1.0): self
    {
        $kept = array_fill_keys(array_map(static fn (RotaLine $line): string => $line->id, $problem->lines), 0);
        for ($n = 0; $n < $plays; $n++) {
            $weather = new Randomizer(new Mt19937($seed + $n));
            $poor = array_map(static fn (): bool => self::chance($weather) < self::POOR, range(1, $problem->years));
            $faster = $pace * exp(self::PACE * self::normal($weather));
            foreach ($problem->lines as $line) {
                // Each line has its own dice, so that a change of another does not change what befalls it.
                $dice = new Randomizer(new Mt19937(crc32("$line->id $seed $n")));
                $kept[$line->id] += self::isKept($line, $problem->years, $sowings[$line->id] ?? [], $poor, $faster, $dice) ? 1 : 0;
            }
        }
        $shares = array_map(static fn (int $times): float => $times / max(1, $plays), $kept);

        return new self($plays, $shares, count($shares) - array_sum($shares));
    }

    /**
     * @param  list<int>  $sowings
     * @param  list<bool>  $poor  by year
     */
    private static function isKept(RotaLine $line, int $years, array $sowings, array $poor, float $faster, Randomizer $dice): bool
    {
        // Of every lot: the year of its first figure, the chance at which it dies, how many growings it suffices for.
        $lots = [[0, $line->alive, self::chance($dice), $line->sowings ?? PHP_INT_MAX]];
        $due = $sowings;
        for ($year = 0; $year < $years; $year++) {
            $dies = self::chance($dice);
            $fails = self::chance($dice);
            if (! in_array($year, $due, true) || $line->harvest($year) >= $years) {
                continue;
            }
            $at = self::living(array_values($lots), $year, $faster);
            if ($at === null) {
                return false;
            }
            $lots[$at] = [$lots[$at][0], $lots[$at][1], $lots[$at][2], $lots[$at][3] - 1];
            $harvest = $line->harvest($year);
            $chance = min(0.95, $line->fails * ($poor[$harvest] ? self::TIMES : (1.0 - self::POOR * self::TIMES) / (1.0 - self::POOR)));
            if ($fails >= $chance) {
                $lots[] = [$harvest, $line->renewed, $dies, PHP_INT_MAX];
            } elseif (! in_array($harvest + 1, $due, true)) {
                // Whoever sees it fail sows it again.
                $due[] = $harvest + 1;
            }
        }

        return self::living(array_values($lots), $years, $faster) !== null;
    }

    /**
     * @param  list<array{int, list<float>, float, int}>  $lots
     * @return ?int the youngest lot that can be sown in a year
     */
    private static function living(array $lots, int $year, float $faster): ?int
    {
        for ($at = count($lots) - 1; $at >= 0; $at--) {
            [$from, $lives, $dies, $left] = $lots[$at];
            if ($left > 0 && self::at($lives, ($year - $from) * $faster) > $dies) {
                return $at;
            }
        }

        return null;
    }

    /**
     * A chance between two years, and beyond the last as it fell until then.
     *
     * @param  list<float>  $lives
     */
    private static function at(array $lives, float $year): float
    {
        $last = count($lives) - 1;
        $whole = min($last, (int) floor($year));
        if ($whole >= $last) {
            $fall = $lives[$last] / max(1e-9, $lives[max(0, $last - 1)]);

            return $lives[$last] * $fall ** ($year - $last);
        }

        return $lives[$whole] + ($year - $whole) * ($lives[$whole + 1] - $lives[$whole]);
    }

    private static function chance(Randomizer $dice): float
    {
        return $dice->getInt(0, 999_999_999) / 1e9;
    }

    private static function normal(Randomizer $dice): float
    {
        return sqrt(-2.0 * log(max(1e-9, self::chance($dice)))) * cos(2.0 * M_PI * self::chance($dice));
    }
}
