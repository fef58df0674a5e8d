<?php

declare(strict_types=1);

namespace Marrow\Core\Statistics;

/** The χ² distribution. */
final class ChiSquare
{
    /** Share of the distribution above $x (≥ 0) for $freedom (≥ 1) degrees of freedom: the p of a χ² test. */
    public static function above(float $x, int $freedom): float
    {
        return Gamma::upper($freedom / 2.0, $x / 2.0);
    }
}
