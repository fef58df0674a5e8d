<?php

declare(strict_types=1);

namespace Marrow\Core\Statistics;

/** Student's t. */
final class Student
{
    private const TURNS = 200;

    /**
     * The t beyond which, on either side, lies a given share.
     *
     * @param  float  $df  degrees of freedom, above 0
     * @param  float  $beyond  both sides together, above 0 and below 1
     */
    public static function beyond(float $df, float $beyond): float
    {
        [$low, $high] = [0.0, 1.0];
        while (self::outside($df, $high) > $beyond && $high < 1e12) {
            $high *= 2.0;
        }
        for ($turn = 0; $turn < self::TURNS && $high - $low > 1e-12 * $high; $turn++) {
            $middle = ($low + $high) / 2.0;
            self::outside($df, $middle) > $beyond ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2.0;
    }

    /** P(|T| > t). */
    private static function outside(float $df, float $t): float
    {
        return Beta::regularised($df / ($df + $t * $t), $df / 2.0, 0.5);
    }
}
