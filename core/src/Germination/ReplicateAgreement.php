<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\ChiSquare;

/** Whether the replicates of one test differ by chance alone: χ² test of homogeneity, df = replicates − 1. */
final readonly class ReplicateAgreement
{
    /** Below this p the replicates are said not to agree: one dish was treated differently, or the seed was not mixed. */
    public const AGREE_FROM = 0.025;

    /** @param  ?int  $farthest  the one that lies farthest from the rest, from 0; null where all agree */
    private function __construct(
        public float $rate,
        public float $chiSquare,
        public float $p,
        public bool $agree,
        public ?int $farthest = null,
    ) {}

    /**
     * @param  list<int>  $germinated  normal seedlings in each replicate; 2 … 100 replicates
     * @param  int|list<int>  $sown  seeds in each replicate, 1 … 1,000,000, or of each by itself
     *
     * @throws InvalidFigure
     */
    public static function of(array $germinated, int|array $sown): self
    {
        $replicates = count($germinated);
        if ($replicates < 2) {
            throw InvalidFigure::because('germinated', 'Agreement needs the counts of at least 2 replicates.');
        }
        InvalidFigure::unlessWithin('germinated', $replicates, 2, 100, 'replicates');
        $each = is_array($sown) ? $sown : array_fill(0, $replicates, $sown);
        foreach ($germinated as $i => $count) {
            InvalidFigure::unlessWithin('sown', $each[$i] ?? 0, 1, 1_000_000, 'seeds');
            InvalidFigure::unlessWithin('germinated', $count, 0, $each[$i], 'seeds');
        }
        [$total, $of] = [array_sum($germinated), array_sum($each)];
        $rate = $total / $of;
        if ($total === 0 || $total === $of) {
            return new self($rate, 0.0, 1.0, true);
        }
        $parts = array_map(static fn (int $count, int $of): float => ($count - $of * $rate) ** 2 / ($of * $rate * (1.0 - $rate)), $germinated, $each);
        $chiSquare = array_sum($parts);
        $p = ChiSquare::above($chiSquare, $replicates - 1);
        $agree = $p >= self::AGREE_FROM;

        // Of two neither stands out.
        return new self($rate, $chiSquare, $p, $agree, $agree || $replicates < 3 ? null : (int) array_search(max($parts), $parts, true));
    }
}
