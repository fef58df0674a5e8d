<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

use Marrow\Core\Statistics\Gamma;
use Marrow\Core\Statistics\Interval;

/** Two tests side by side: floaters and sinkers, this year's and last year's, two ways of treating seed. */
final readonly class Comparison
{
    /** Tables this much likelier than the one seen still count as equally likely: rounding must not decide. */
    private const TIE = 1.0 + 1e-7;

    /**
     * @param  float  $difference  share of the first less share of the second
     * @param  Interval  $limits  95 % limits of the difference (Newcombe 1998, method 10)
     * @param  float  $p  Fisher's exact test, two-sided
     */
    private function __construct(
        public float $difference,
        public Interval $limits,
        public float $p,
    ) {}

    public static function of(GerminationShare $a, GerminationShare $b): self
    {
        $difference = $a->rate() - $b->rate();
        [$ia, $ib] = [$a->interval(), $b->interval()];

        return new self(
            $difference,
            new Interval(
                $difference - hypot($a->rate() - $ia->low, $ib->high - $b->rate()),
                $difference + hypot($ia->high - $a->rate(), $b->rate() - $ib->low),
            ),
            self::fisher($a, $b),
        );
    }

    /**
     * The summed chance of all tables with the same margins that are no likelier than the one seen. Summed outwards
     * from the likeliest table, where the terms soon stop to matter: bounded by the spread, not by the seeds.
     */
    private static function fisher(GerminationShare $a, GerminationShare $b): float
    {
        $up = $a->germinated + $b->germinated;
        $lowest = max(0, $up - $b->sown);
        $highest = min($a->sown, $up);
        $mode = max($lowest, min($highest, (int) floor(($up + 1) * ($a->sown + 1) / ($a->sown + $b->sown + 2))));
        $seen = self::logTable($a->germinated, $a, $b, $up);
        $top = self::logTable($mode, $a, $b, $up);
        $sum = 0.0;
        foreach ([1, -1] as $direction) {
            $term = exp($top);
            for ($k = $mode; $k >= $lowest && $k <= $highest; $k += $direction) {
                if (($direction === 1 || $k !== $mode) && $term <= exp($seen) * self::TIE) {
                    $sum += $term;
                }
                $ratio = $direction === 1
                    ? ($a->sown - $k) * ($up - $k) / (($k + 1) * ($b->sown - $up + $k + 1))
                    : $k * ($b->sown - $up + $k) / (($a->sown - $k + 1) * ($up - $k + 1));
                $term *= $ratio;
                if ($term < 1e-320 || ($ratio < 1.0 && $sum > 0.0 && $term < $sum * 1e-17)) {
                    break;
                }
            }
        }

        return min(1.0, $sum);
    }

    private static function logTable(int $k, GerminationShare $a, GerminationShare $b, int $up): float
    {
        return self::logChoose($a->sown, $k) + self::logChoose($b->sown, $up - $k) - self::logChoose($a->sown + $b->sown, $up);
    }

    private static function logChoose(int $n, int $k): float
    {
        return Gamma::log($n + 1.0) - Gamma::log($k + 1.0) - Gamma::log($n - $k + 1.0);
    }
}
