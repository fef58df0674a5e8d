<?php

declare(strict_types=1);

namespace App\Simulation;

use Marrow\Core\Germination\EarlyStop;
use Marrow\Core\Germination\Verdict;

/** Tests that are looked at every other day by keepers who stop when Marrow says that it is settled: is it, and how soon? */
final readonly class StopSimulation
{
    private const GOOD = 0.8;

    private const POOR = 0.6;

    /** Points from a mark; nearer nobody can tell early. */
    private const CLEAR = 0.10;

    /** Of a test's days by which what is clear is to be settled. */
    private const SOON = 2.0 / 3.0;

    /** @var list<array{int, int}> first and last counts of crops */
    private const COUNTS = [[4, 7], [5, 8], [6, 12], [5, 14], [7, 14], [7, 21], [10, 28]];

    /**
     * @return list<array{string, string, float, float}> how fast the seed is, seeds in the test, and shares: of what was said early, how much was the
     *                                                   verdict at the end; of clear tests, how many were settled before two thirds of the days
     */
    public static function run(Dice $dice, int $tests): array
    {
        $rows = [];
        foreach (['as usual' => 1.0, 'half as fast' => 0.5] as $how => $pace) {
            foreach ([25, 50, 100] as $seeds) {
                $rows[] = [$how, "$seeds seeds", ...self::shares($dice, $tests, $seeds, $pace)];
            }
        }

        return $rows;
    }

    /** @return array{float, float} */
    private static function shares(Dice $dice, int $tests, int $seeds, float $pace): array
    {
        $said = $right = $clear = $soon = 0;
        for ($n = 0; $n < $tests; $n++) {
            [$first, $last] = $dice->one(self::COUNTS);
            $share = $dice->between(0.05, 1.0);
            $days = self::days($dice, $seeds, $share, $first, $last, $pace);
            $up = static fn (int $day): int => count(array_filter($days, static fn (float $at): bool => $at <= $day));
            $atEnd = Verdict::of($up($last) / $seeds, self::GOOD, self::POOR);
            $isClear = min(abs($share - self::GOOD), abs($share - self::POOR)) >= self::CLEAR;
            $clear += (int) $isClear;
            $new = [];
            for ($day = min($first, 3); $day < $last; $day++) {
                $new[$day] = $up($day) - array_sum($new);
                $stop = EarlyStop::of($new, $seeds, $seeds - $up($day), $first, $last, self::GOOD, self::POOR, false);
                if ($stop->verdictNow !== Verdict::Open) {
                    $said++;
                    $right += (int) ($stop->verdictNow === $atEnd);
                    $soon += (int) ($isClear && $day < self::SOON * $last);

                    break;
                }
            }
        }

        return [$right / max(1, $said), $soon / max(1, $clear)];
    }

    /**
     * Written apart from the core: each seed its own day, lognormal, of those that come at all.
     *
     * @return list<float>
     */
    private static function days(Dice $dice, int $seeds, float $share, int $first, int $last, float $pace): array
    {
        $days = [];
        // A normal curve over the logarithm of the days, six tenths by the first count and all but one in a hundred by the last.
        $spread = log($last / $first) / (2.326348 - 0.253347);
        for ($i = $dice->ofSeeds($seeds, $share); $i > 0; $i--) {
            $days[] = exp(log($first) - 0.253347 * $spread + $dice->normal(0.0, $spread)) / $pace;
        }

        return $days;
    }
}
