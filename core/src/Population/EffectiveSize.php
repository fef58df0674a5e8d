<?php

declare(strict_types=1);

namespace Marrow\Core\Population;

use Marrow\Core\Fields\InvalidFigure;

/** The number of equal parents that a real set of parents is worth. */
final class EffectiveSize
{
    /**
     * From what each parent gave, seeds or grams: (Σc)²/Σc².
     *
     * @param  list<float>  $contributions  each 0 … 10⁹, not all 0; 1 … 100,000 parents
     *
     * @throws InvalidFigure
     */
    public static function ofContributions(array $contributions): float
    {
        InvalidFigure::unlessWithin('contributions', count($contributions), 1, 100_000, 'parents');
        $sum = 0.0;
        $squares = 0.0;
        foreach ($contributions as $gave) {
            InvalidFigure::unlessWithin('contributions', $gave, 0.0, 1e9);
            $sum += $gave;
            $squares += $gave * $gave;
        }
        if ($squares <= 0.0) {
            throw InvalidFigure::because('contributions', 'No parent gave anything.');
        }

        return $sum * $sum / $squares;
    }

    /**
     * From plants that gave pollen and plants that gave seed: 4mf/(m + f).
     *
     * @throws InvalidFigure
     */
    public static function ofSexes(int $males, int $females): float
    {
        InvalidFigure::unlessWithin('males', $males, 1, 1_000_000, 'plants');
        InvalidFigure::unlessWithin('females', $females, 1, 1_000_000, 'plants');

        return 4.0 * $males * $females / ($males + $females);
    }

    /**
     * Over generations: the harmonic mean, which a single bottleneck drags down for good.
     *
     * @param  list<float>  $sizes  effective size of each generation, 1 … 10⁹; 1 … 1,000 generations
     *
     * @throws InvalidFigure
     */
    public static function ofHistory(array $sizes): float
    {
        self::checkSizes($sizes);

        return count($sizes) / array_sum(array_map(static fn (float $size): float => 1.0 / $size, $sizes));
    }

    /**
     * Share of the first generation's heterozygosity that is left: Π(1 − 1/2Nₑ).
     *
     * @param  list<float>  $sizes
     *
     * @throws InvalidFigure
     */
    public static function heterozygosityKept(array $sizes): float
    {
        self::checkSizes($sizes);

        return array_product(array_map(static fn (float $size): float => 1.0 - 1.0 / (2.0 * $size), $sizes));
    }

    /**
     * @param  list<float>  $sizes
     *
     * @throws InvalidFigure
     */
    private static function checkSizes(array $sizes): void
    {
        InvalidFigure::unlessWithin('sizes', count($sizes), 1, 1000, 'generations');
        foreach ($sizes as $size) {
            InvalidFigure::unlessWithin('sizes', $size, 1.0, 1e9, 'plants');
        }
    }
}
