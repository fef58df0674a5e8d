<?php

declare(strict_types=1);

namespace App\Simulation;

use Marrow\Core\Selection\LineTrueness;

/**
 * Keepers whose lines we know and they do not: parents that are not all true, and strange pollen that is more or less than was
 * reckoned; some of the seed is grown out and looked over. How often does the true share of off-types lie in the band?
 */
final class CrossingSimulation
{
    /** What is wrong, for all keepers of a run: times more or less that pollen is, what a look meets, and how many times as often the parents were off-type. */
    private const SCENARIOS = [
        'the model is right' => [3.0, 0.8, 1.0],
        'pollen is five times more or less' => [5.0, 0.8, 1.0],
        'a look meets half of what differs' => [3.0, 0.5, 1.0],
        'parents are off-type twice as often' => [3.0, 0.8, 2.0],
    ];

    private const GROWN_OUT = [0, 30, 100];

    /**
     * @param  int  $lines  of each kind and each state of knowledge
     * @return list<array{string, string, float, float, float}> what is wrong, what was looked over, and of the bands: share that hold the truth, with the truth above, with it below
     */
    public static function run(Dice $dice, int $lines): array
    {
        $rows = [];
        foreach (self::SCENARIOS as $scenario => $wrong) {
            foreach (self::GROWN_OUT as $seen) {
                $held = $above = $below = 0;
                for ($n = 0; $n < $lines; $n++) {
                    [$share, $low, $high] = self::line($dice, $seen, ...$wrong);
                    $held += (int) ($share >= $low && $share <= $high);
                    $above += (int) ($share > $high);
                    $below += (int) ($share < $low);
                }
                $rows[] = [$scenario, $seen === 0 ? 'none grown out' : "$seen grown out", $held / $lines, $above / $lines, $below / $lines];
            }
        }

        return $rows;
    }

    /** @return array{float, float, float} the true share of off-types, and the ends of the band */
    private static function line(Dice $dice, int $seen, float $factor, float $meets, float $worse): array
    {
        $parents = $dice->one([0.002, 0.01, 0.03]);
        $weight = $dice->one([40.0, 80.0, 140.0]);
        $crossed = $dice->one([0.001, 0.005, 0.02, 0.10]);
        $spread = log($factor) / 1.6448536;
        $of = min(1.0, $worse * $dice->beta($parents * $weight, (1.0 - $parents) * $weight));
        $from = min(1.0, $crossed * exp($dice->normal(-$spread ** 2 / 2.0, $spread)));
        $share = $of + $from - $of * $from;
        $line = LineTrueness::of($parents, $crossed, $dice->ofSeeds($seen, $meets * $share), $seen, null, $weight, LineTrueness::POLLEN_FACTOR, LineTrueness::MEETS);

        return [$share, $line->band->low ?? 0.0, $line->band->high ?? 1.0];
    }
}
