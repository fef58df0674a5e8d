<?php

declare(strict_types=1);

namespace Marrow\Core\Storage\Internal;

use Marrow\Core\Statistics\Normal;

/** Counts of tests against v = Kᵢ − slope·days in probits, and the climb to the likeliest two unknowns. */
final class ProbitFit
{
    private const MOST_STEPS = 200;

    private const MOST_HALVINGS = 60;

    /**
     * Fisher scoring with halved steps.
     *
     * @param  \Closure(float, float): float  $objective
     * @param  \Closure(float, float): array{float, float, float, float, float}  $score  gradient and information
     * @return array{float, float, bool} where it is highest, and whether it settled there
     */
    public static function climb(float $a, float $b, \Closure $objective, \Closure $score): array
    {
        $height = $objective($a, $b);
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            [$ga, $gb, $haa, $hab, $hbb] = $score($a, $b);
            $determinant = $haa * $hbb - $hab * $hab;
            if (! ($determinant > 0.0)) {
                return [$a, $b, false];
            }
            $da = ($hbb * $ga - $hab * $gb) / $determinant;
            $db = ($haa * $gb - $hab * $ga) / $determinant;
            $taken = false;
            for ($halving = 0; $halving < self::MOST_HALVINGS; $halving++) {
                $next = $objective($a + $da, $b + $db);
                if ($next >= $height) {
                    $taken = true;
                    break;
                }
                $da /= 2.0;
                $db /= 2.0;
            }
            if (! $taken) {
                return [$a, $b, true];
            }
            [$a, $b, $height] = [$a + $da, $b + $db, $objective($a + $da, $b + $db)];
            if (abs($da) <= 1e-12 * (1.0 + abs($a)) && abs($db) <= 1e-12 * (1.0 + abs($b))) {
                return [$a, $b, true];
            }
        }

        return [$a, $b, false];
    }

    /**
     * @param  float  $ki  probits when $days is 0
     * @param  float  $slope  probits lost in a unit of $days
     * @param  list<float>  $days  or whatever the fall goes with
     * @param  list<int>  $germinated
     * @param  list<int>  $sown
     */
    public static function logLikelihood(float $ki, float $slope, array $days, array $germinated, array $sown): float
    {
        $sum = 0.0;
        foreach ($days as $i => $day) {
            $eta = $ki - $slope * $day;
            $sum += $germinated[$i] * log(max(1e-300, Normal::below($eta))) + ($sown[$i] - $germinated[$i]) * log(max(1e-300, Normal::below(-$eta)));
        }

        return $sum;
    }

    /**
     * Gradient and expected information in (Kᵢ, b), where the slope changes by $change for a unit of b.
     *
     * @param  list<float>  $days
     * @param  list<int>  $germinated
     * @param  list<int>  $sown
     * @return array{float, float, float, float, float}
     */
    public static function score(float $ki, float $slope, float $change, array $days, array $germinated, array $sown): array
    {
        [$ga, $gb, $haa, $hab, $hbb] = [0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($days as $i => $day) {
            $eta = max(-30.0, min(30.0, $ki - $slope * $day));
            $p = max(1e-300, Normal::below($eta));
            $q = max(1e-300, Normal::below(-$eta));
            $density = exp(-$eta * $eta / 2.0) / 2.5066282746310002;
            $pull = $density * ($germinated[$i] / $p - ($sown[$i] - $germinated[$i]) / $q);
            $weight = $sown[$i] * $density * $density / ($p * $q);
            $along = -$day * $change;
            $ga += $pull;
            $gb += $pull * $along;
            $haa += $weight;
            $hab += $weight * $along;
            $hbb += $weight * $along * $along;
        }

        return [$ga, $gb, $haa, $hab, $hbb];
    }
}
