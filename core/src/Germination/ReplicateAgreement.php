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

    private function __construct(
        public float $rate,
        public float $chiSquare,
        public float $p,
        public bool $agree,
    ) {}

    /**
     * @param  list<int>  $germinated  normal seedlings in each replicate; 2 … 100 replicates
     * @param  int  $sown  seeds in each replicate, 1 … 1,000,000
     *
     * @throws InvalidFigure
     */
    public static function of(array $germinated, int $sown): self
    {
        InvalidFigure::unlessWithin('sown', $sown, 1, 1_000_000, 'seeds');
        $replicates = count($germinated);
        if ($replicates < 2) {
            throw InvalidFigure::because('germinated', 'Agreement needs the counts of at least 2 replicates.');
        }
        InvalidFigure::unlessWithin('germinated', $replicates, 2, 100, 'replicates');
        foreach ($germinated as $count) {
            InvalidFigure::unlessWithin('germinated', $count, 0, $sown, 'seeds');
        }
        $total = array_sum($germinated);
        $rate = $total / ($sown * $replicates);
        if ($total === 0 || $total === $sown * $replicates) {
            return new self($rate, 0.0, 1.0, true);
        }
        $expected = $sown * $rate;
        $chiSquare = 0.0;
        foreach ($germinated as $count) {
            $chiSquare += ($count - $expected) ** 2 * (1 / $expected + 1 / ($sown - $expected));
        }
        $p = ChiSquare::above($chiSquare, $replicates - 1);

        return new self($rate, $chiSquare, $p, $p >= self::AGREE_FROM);
    }
}
