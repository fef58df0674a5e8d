<?php

declare(strict_types=1);

namespace Marrow\Core\Statistics;

/** The score interval of a share (Wilson 1927): honest for few seeds and for shares near 0 and 1. */
final class Wilson
{
    /**
     * Where its middle lies.
     *
     * @param  float  $share  that came up, 0 … 1
     * @param  int  $n  of so many, at least 1
     * @param  float  $z  standard normal quantile, above 0
     */
    public static function centre(float $share, int $n, float $z): float
    {
        return ($share + $z * $z / (2 * $n)) / (1.0 + $z * $z / $n);
    }

    /**
     * Half its width.
     *
     * @param  float  $share  0 … 1
     * @param  int  $n  at least 1
     * @param  float  $z  above 0
     */
    public static function halfWidth(float $share, int $n, float $z): float
    {
        return $z / (1.0 + $z * $z / $n) * sqrt($share * (1.0 - $share) / $n + $z * $z / (4.0 * $n * $n));
    }
}
