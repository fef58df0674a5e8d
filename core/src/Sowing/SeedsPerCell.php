<?php

declare(strict_types=1);

namespace Marrow\Core\Sowing;

use Marrow\Core\Fields\InvalidFigure;

/** Seeds to a module, pot or station so that few of them stay empty. */
final class SeedsPerCell
{
    /**
     * ⌈ln max_empty / ln(1 − rate)⌉, at least 1.
     *
     * @param  float  $rate  share of seeds that come up, 0.001 … 1
     * @param  float  $maxEmpty  share of cells that may stay empty, 0.0001 … 0.9
     *
     * @throws InvalidFigure
     */
    public static function of(float $rate, float $maxEmpty): int
    {
        InvalidFigure::unlessWithin('rate', $rate, 0.001, 1.0);
        InvalidFigure::unlessWithin('max_empty', $maxEmpty, 0.0001, 0.9);
        if ($rate >= 1.0) {
            return 1;
        }

        // The subtraction keeps a whole-number answer whole: 0.5 and 0.25 must give 2, not 3.
        return max(1, (int) ceil(log($maxEmpty) / log(1.0 - $rate) - 1e-9));
    }
}
