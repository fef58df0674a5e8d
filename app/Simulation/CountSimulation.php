<?php

declare(strict_types=1);

namespace App\Simulation;

use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Sowing\SeedsNeeded;

/** Seed of which we know what share germinates, tested and sown by keepers who do not. */
final class CountSimulation
{
    private const TESTED = [20, 25, 50, 100, 400];

    /**
     * How often the interval of a test holds the truth.
     *
     * @return list<array{string, float}> seeds in the test, share of intervals
     */
    public static function germination(Dice $dice, int $tests): array
    {
        $rows = [];
        foreach (self::TESTED as $seeds) {
            $held = 0;
            for ($n = 0; $n < $tests; $n++) {
                $share = $dice->between(0.30, 0.99);
                $limits = GerminationShare::of($dice->ofSeeds($seeds, $share), $seeds)->interval();
                $held += (int) ($share >= $limits->low && $share <= $limits->high);
            }
            $rows[] = ["$seeds seeds", $held / $tests];
        }

        return $rows;
    }

    /**
     * How often as many plants come up as were wanted, at 95 %.
     *
     * @return list<array{string, float}> what was known, share of sowings
     */
    public static function sowing(Dice $dice, int $sowings): array
    {
        $rows = [];
        foreach ([0, ...self::TESTED] as $tested) {
            $enough = 0;
            for ($n = 0; $n < $sowings; $n++) {
                $share = $dice->between(0.40, 0.98);
                $plants = $dice->one([6, 12, 24, 60]);
                $seeds = $tested === 0
                    ? SeedsNeeded::fromRate($plants, $share, 0.95)
                    : SeedsNeeded::fromTest($plants, GerminationShare::of(max(1, $dice->ofSeeds($tested, $share)), $tested), 0.95);
                $enough += (int) ($dice->ofSeeds($seeds, $share) >= $plants);
            }
            $rows[] = [$tested === 0 ? 'the true share' : "a test of $tested", $enough / $sowings];
        }

        return $rows;
    }
}
