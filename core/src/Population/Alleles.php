<?php

declare(strict_types=1);

namespace Marrow\Core\Population;

use Marrow\Core\Fields\InvalidFigure;

/** How likely it is that a rare form of a gene is still among the parents. */
final class Alleles
{
    /**
     * Chance that at least one of $plants carries an allele of this frequency: 1 − (1 − q)^cn.
     *
     * @param  int  $plants  parents, 1 … 1,000,000
     * @param  float  $frequency  0.0001 … 1
     * @param  float  $copies  c, independent copies of a gene in one plant: copies()
     *
     * @throws InvalidFigure
     */
    public static function kept(int $plants, float $frequency, float $copies = 2.0): float
    {
        InvalidFigure::unlessWithin('copies', $copies, 1.0, 2.0);
        InvalidFigure::unlessWithin('plants', $plants, 1, 1_000_000);
        InvalidFigure::unlessWithin('frequency', $frequency, 0.0001, 1.0);

        return $frequency >= 1.0 ? 1.0 : -expm1($copies * $plants * log1p(-$frequency));
    }

    /**
     * Independent copies of a gene in one plant, by the share of seed that has foreign pollen: 2/(1 + F) with the
     * inbreeding of long selfing, F = (1 − t)/(1 + t) (Wright 1921), which is 1 + t. A selfer's two copies are one.
     *
     * @param  float  $outcrossing  t, 0 … 1
     *
     * @throws InvalidFigure
     */
    public static function copies(float $outcrossing): float
    {
        InvalidFigure::unlessWithin('outcrossing', $outcrossing, 0.0, 1.0);

        return 1.0 + $outcrossing;
    }

    /**
     * Parents needed to keep it as surely as asked: ⌈ln(1 − c)/(2 ln(1 − q))⌉.
     *
     * @param  float  $confidence  0.5 … 0.999999
     *
     * @throws InvalidFigure
     */
    public static function plantsToKeep(float $frequency, float $confidence): int
    {
        InvalidFigure::unlessWithin('frequency', $frequency, 0.0001, 1.0);
        InvalidFigure::unlessWithin('confidence', $confidence, 0.5, 0.999999);

        return $frequency >= 1.0 ? 1 : max(1, (int) ceil(log(1.0 - $confidence) / (2.0 * log1p(-$frequency)) - 1e-9));
    }
}
