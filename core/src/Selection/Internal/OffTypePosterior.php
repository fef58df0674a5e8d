<?php

declare(strict_types=1);

namespace Marrow\Core\Selection\Internal;

use Marrow\Core\Statistics\Interval;
use Marrow\Core\Statistics\Normal;

/**
 * What share of a line's plants is off-type, where both its parents and strange pollen can have made it so: the parents' share
 * is a Beta that weighs as much as plants looked over, the pollen's a log-normal about its expected share, and what was looked
 * over speaks of both together. Summed over a grid of the two, to some hundredths of each quantile.
 */
final class OffTypePosterior
{
    /** Of the pollen's share: so many standard deviations either side of the middle, in points so far apart. */
    private const REACH = 3.25;

    private const APART = 0.25;

    /** Where the parents are taken for true nothing else spreads it: finer. */
    private const FINE = 0.05;

    /** Below this share of the parents, and this near to all of them, nothing is told apart. */
    private const EPSILON = 1e-6;

    /** More plants looked over than this say no more than they: the grid is no finer. */
    private const MOST_SEEN = 2000;

    /** @var array<string, non-empty-list<array{float, float}>> by how many times more or less it may be, and how fine: times, and the logarithm of their weight */
    private static array $factors = [];

    /**
     * @param  float  $parents  expected share off-type among the parents, above 0 and below 1
     * @param  float  $weight  of that, in plants looked over, 1 or more
     * @param  float  $crossed  expected share that strange pollen fathered, 0 … 1
     * @param  float  $factor  so many times more or less that may be, nine times in ten; above 1
     * @param  float  $meets  share of what differs that a look meets, above 0, 1 at the most
     * @return array{float, Interval} mean, and the 5 and 95 % points
     */
    public static function of(float $parents, float $weight, float $crossed, float $factor, float $meets, int $off, int $seen): array
    {
        if ($seen > self::MOST_SEEN) {
            [$off, $seen] = [(int) round($off * self::MOST_SEEN / $seen), self::MOST_SEEN];
        }
        $pollen = static fn (float $apart): array => array_map(static fn (array $times): array => [min(1.0, $crossed * $times[0]), $times[1]], $crossed > 0.0 ? self::factors($factor, $apart) : [[0.0, 0.0]]);
        [$coarse, $fine] = [$pollen(self::APART), $pollen(self::FINE)];
        $logs = [];
        $shares = [];
        foreach (self::parents($parents * $weight, (1.0 - $parents) * $weight, $seen) as [$of, $log]) {
            foreach ($of < self::EPSILON ? $fine : $coarse as [$from, $weighs]) {
                $share = 1.0 - (1.0 - $of) * (1.0 - $from);
                $met = min(1.0 - 1e-12, $meets * $share);
                $shares[] = $share;
                $logs[] = $log + $weighs + ($off === 0 ? 0.0 : $off * log(max(1e-12, $met))) + ($seen - $off) * log1p(-$met);
            }
        }

        return self::summed($shares, $logs);
    }

    /**
     * The parents' share on a grid even on the scale of its log odds, with what lies beyond either end in one point.
     *
     * @return list<array{float, float}> share, and the logarithm of its weight
     */
    private static function parents(float $a, float $b, int $seen): array
    {
        $mean = $a / ($a + $b);
        $step = $seen > 200 ? 0.1 : 0.2;
        $odds = static fn (float $share): float => log($share / (1.0 - $share));
        $to = $odds(min(1.0 - self::EPSILON, $mean + 8.0 * sqrt($mean * (1.0 - $mean) / ($a + $b + 1.0)) + 0.02));
        $points = [[self::EPSILON / 2.0, $a * log(self::EPSILON) - log($a)]];
        for ($t = $odds(self::EPSILON) + $step / 2.0; $t < $to; $t += $step) {
            $share = 1.0 / (1.0 + exp(-$t));
            $points[] = [$share, $a * log($share) + $b * log1p(-$share) + log($step)];
        }
        if ($to >= $odds(1.0 - self::EPSILON)) {
            $points[] = [1.0 - self::EPSILON / 2.0, $b * log(self::EPSILON) - log($b)];
        }

        return $points;
    }

    /**
     * @param  list<float>  $shares
     * @param  list<float>  $logs  of their weights
     * @return array{float, Interval}
     */
    private static function summed(array $shares, array $logs): array
    {
        $most = max([-INF, ...$logs]);
        $weights = [];
        $sum = $mean = 0.0;
        foreach ($logs as $i => $log) {
            if ($log > $most - 20.0) {
                $weights[$i] = exp($log - $most);
                $sum += $weights[$i];
                $mean += $weights[$i] * $shares[$i];
            }
        }
        $kept = array_intersect_key($shares, $weights);
        asort($kept);
        // Each point stands for what lies half-way to its neighbours.
        [$low, $high, $before, $at] = [null, null, 0.0, 0.0];
        $last = 0.0;
        foreach ($kept as $i => $share) {
            $middle = ($before + $weights[$i] / 2.0) / $sum;
            $low ??= $middle >= 0.05 ? self::between(0.05, $at, $last, $middle, $share) : null;
            $high ??= $middle >= 0.95 ? self::between(0.95, $at, $last, $middle, $share) : null;
            [$before, $at, $last] = [$before + $weights[$i], $middle, $share];
        }

        return [$mean / $sum, new Interval(min($low ?? $last, $mean / $sum), max($high ?? $last, $mean / $sum))];
    }

    private static function between(float $wanted, float $from, float $low, float $to, float $high): float
    {
        return $to <= $from ? $high : $low + ($high - $low) * ($wanted - $from) / ($to - $from);
    }

    /** @return non-empty-list<array{float, float}> of mean 1 */
    private static function factors(float $factor, float $apart): array
    {
        return self::$factors["$factor $apart"] ??= (static function () use ($factor, $apart): array {
            $spread = log($factor) / Normal::probit(0.95);

            $points = (int) round(self::REACH / $apart);

            return array_map(static fn (int $k): array => [exp($spread * $k * $apart - $spread ** 2 / 2.0), -($k * $apart) ** 2 / 2.0 + log($apart)], range(-$points, $points));
        })();
    }
}
