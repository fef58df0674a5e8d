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
     * Share of loci that differed in the cross and are still mixed in a plant, where only so much of the seed is selfed and the rest
     * crosses among the plants of the line, none of them chosen: H′ = sH/2 + (1 − s)/2. It comes to rest at (1 − s)/(2 − s).
     *
     * @param  int  $generation  1 … 60
     * @param  float  $selfing  s, 0 … 1
     *
     * @throws InvalidFigure
     */
    public static function stillMixed(int $generation, float $selfing): float
    {
        InvalidFigure::unlessWithin('generation', $generation, 1, 60);
        InvalidFigure::unlessWithin('selfing', $selfing, 0.0, 1.0);
        $mixed = 1.0;
        for ($g = 1; $g < $generation; $g++) {
            $mixed = $selfing * $mixed / 2.0 + (1.0 - $selfing) / 2.0;
        }

        return $mixed;
    }

    /** The first generation in which no more than this is still mixed; null where selfing so little never brings it there. */
    public static function generationBelow(float $share, float $selfing): ?int
    {
        InvalidFigure::unlessWithin('share', $share, 0.0001, 1.0);

        return array_find(range(1, 60), static fn (int $generation): bool => self::stillMixed($generation, $selfing) <= $share);
    }

    /**
     * Share of plants of a selfed cross, none of them chosen, that are fixed for one form of a gene in which its parents differed: half
     * of what is not mixed any more. Of a form that is hidden it is the share that shows it; of one that hides the other, all but the
     * share fixed for that show it.
     *
     * @param  int  $generation  1 … 60
     *
     * @throws InvalidFigure
     */
    public static function fixedForOne(int $generation): float
    {
        return (1.0 - self::heterozygosity($generation)) / 2.0;
    }

    /**
     * Plants to grow to meet one at least of a form that this share of them has: ⌈ln(1 − c)/ln(1 − p)⌉.
     *
     * @param  float  $share  p, above 0 … 1
     * @param  float  $confidence  0.5 … 0.999999
     *
     * @throws InvalidFigure
     */
    public static function plantsToMeet(float $share, float $confidence): int
    {
        InvalidFigure::unlessWithin('share', $share, 1e-9, 1.0);
        InvalidFigure::unlessWithin('confidence', $confidence, 0.5, 0.999999);

        return $share >= 1.0 ? 1 : max(1, (int) ceil(log(1.0 - $confidence) / log1p(-$share) - 1e-9));
    }

    /**
     * The greatest share that may differ where so many plants were all alike, this surely: 1 − (1 − c)^(1/n).
     *
     * @param  int  $alike  n, 1 … 1,000,000
     *
     * @throws InvalidFigure
     */
    public static function mayDiffer(int $alike, float $confidence): float
    {
        InvalidFigure::unlessWithin('alike', $alike, 1, 1_000_000, 'plants');
        InvalidFigure::unlessWithin('confidence', $confidence, 0.5, 0.999999);

        return 1.0 - (1.0 - $confidence) ** (1.0 / $alike);
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
