<?php

declare(strict_types=1);

namespace Marrow\Core\Statistics;

/** The regularised incomplete beta function, and the binomial tail that it gives at once for any number of seeds. */
final class Beta
{
    /** A continued fraction needs about √max(a, b) terms; this is enough for 1e9. */
    private const MOST_TERMS = 100_000;

    /** @var array{float, float, float} the last a and b that were asked for, and their logarithm: who sums over many x asks for the same again and again */
    private static array $last = [1.0, 1.0, 0.0];

    /** ln B(a, b) for a, b > 0. */
    public static function log(float $a, float $b): float
    {
        if (self::$last[0] !== $a || self::$last[1] !== $b) {
            self::$last = [$a, $b, Gamma::log($a) + Gamma::log($b) - Gamma::log($a + $b)];
        }

        return self::$last[2];
    }

    /** I_x(a, b) for a, b > 0 and 0 ≤ x ≤ 1. */
    public static function regularised(float $x, float $a, float $b): float
    {
        if ($x <= 0.0) {
            return 0.0;
        }
        if ($x >= 1.0) {
            return 1.0;
        }
        // The fraction converges fast on one side of the mean only; the other side is its mirror.
        if ($x > ($a + 1.0) / ($a + $b + 2.0)) {
            return 1.0 - self::regularised(1.0 - $x, $b, $a);
        }
        // Of a and b in one order, for the mirror asks for the same.
        $front = exp($a * log($x) + $b * log1p(-$x) - self::log(min($a, $b), max($a, $b))) / $a;

        return $front * self::fraction($x, $a, $b);
    }

    /** The x below which a share $p (strictly between 0 and 1) of the distribution lies, to about 1e-15 absolute; by halving, as it always ends. */
    public static function quantile(float $p, float $a, float $b): float
    {
        // On a scale of logarithms: where a is far below 1, the quantile may be very small.
        [$low, $high] = [-745.0, 0.0];
        for ($turn = 0; $turn < 90; $turn++) {
            $middle = ($low + $high) / 2.0;
            self::regularised(exp($middle), $a, $b) < $p ? $low = $middle : $high = $middle;
        }

        return exp(($low + $high) / 2.0);
    }

    /** P(at least $least of $seeds come up) when each does with chance $rate. */
    public static function binomialAtLeast(int $least, int $seeds, float $rate): float
    {
        if ($least <= 0) {
            return 1.0;
        }
        if ($least > $seeds) {
            return 0.0;
        }

        return self::regularised($rate, (float) $least, (float) ($seeds - $least + 1));
    }

    private static function fraction(float $x, float $a, float $b): float
    {
        $tiny = 1e-300;
        $c = 1.0;
        $d = 1.0 - ($a + $b) * $x / ($a + 1.0);
        $d = 1.0 / (abs($d) < $tiny ? $tiny : $d);
        $h = $d;
        for ($m = 1; $m <= self::MOST_TERMS; $m++) {
            $even = $m * ($b - $m) * $x / (($a + 2 * $m - 1.0) * ($a + 2 * $m));
            $odd = -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1.0));
            foreach ([$even, $odd] as $step) {
                $d = 1.0 + $step * $d;
                $d = 1.0 / (abs($d) < $tiny ? $tiny : $d);
                $c = 1.0 + $step / $c;
                $c = abs($c) < $tiny ? $tiny : $c;
                $h *= $d * $c;
            }
            if (abs($d * $c - 1.0) < 1e-15) {
                break;
            }
        }

        return $h;
    }
}
