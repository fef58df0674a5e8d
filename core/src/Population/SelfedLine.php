<?php

declare(strict_types=1);

namespace Marrow\Core\Population;

use Marrow\Core\Fields\InvalidFigure;

/** A cross being made into a line by selfing. */
final class SelfedLine
{
    /**
     * Share of loci that differed in the cross and are still mixed: (½)^(g − 1), the F1 being generation 1.
     *
     * @param  int  $generation  1 … 60
     *
     * @throws InvalidFigure
     */
    public static function heterozygosity(int $generation): float
    {
        InvalidFigure::unlessWithin('generation', $generation, 1, 60);

        return 0.5 ** ($generation - 1);
    }

    /**
     * Chance that a plant is fixed at all of them: (1 − (½)^(g − 1))^k.
     *
     * @param  int  $loci  1 … 10,000
     *
     * @throws InvalidFigure
     */
    public static function allFixed(int $generation, int $loci): float
    {
        InvalidFigure::unlessWithin('loci', $loci, 1, 10_000);

        return (1.0 - self::heterozygosity($generation)) ** $loci;
    }

    /**
     * F2 plants to grow to find one that shows $traits recessive, unlinked traits at once: ⌈ln(1 − c)/ln(1 − ¼^k)⌉.
     *
     * @param  int  $traits  1 … 10
     * @param  float  $confidence  0.5 … 0.999999
     *
     * @throws InvalidFigure
     */
    public static function plantsToFind(int $traits, float $confidence): int
    {
        InvalidFigure::unlessWithin('traits', $traits, 1, 10);
        InvalidFigure::unlessWithin('confidence', $confidence, 0.5, 0.999999);

        return (int) ceil(log(1.0 - $confidence) / log1p(-(0.25 ** $traits)) - 1e-9);
    }
}
