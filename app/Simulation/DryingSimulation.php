<?php

declare(strict_types=1);

namespace App\Simulation;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Drying\BalanceGround;
use Marrow\Core\Drying\DryingCurve;
use Marrow\Core\Drying\MeasuredBalances;
use Marrow\Core\Fields\InvalidFigure;

/**
 * Keepers who dry seed of which we know how it takes to damp and they do not: each reads a hygrometer in a jar of it, and
 * weighs a lot as it dries. How near is what Marrow makes of that, and is what it calls dry dry?
 */
final readonly class DryingSimulation
{
    /** Above this in a closed jar seed is not dry enough to keep. */
    private const DRY = 0.40;

    /** Of the hygrometer, share either way, one standard deviation. */
    private const READS = 0.02;

    /** What is wrong, for all keepers of a run: by how much the hygrometer is off, and to how many grams the scale weighs. */
    private const SCENARIOS = [
        'the model is right' => [0.0, 0.1],
        'the hygrometer reads 5 % too low' => [-0.05, 0.1],
        'the hygrometer reads 5 % too high' => [0.05, 0.1],
        'the scale weighs whole grams' => [0.0, 1.0],
    ];

    public function __construct(private CropReference $crops) {}

    /**
     * @param  int  $lots  of each state of knowledge, times ten
     * @return list<array{string, string, float, float, float, float, float}> what is wrong, how the balance is known, and the
     *                                                                         shares: moisture within a point; of what is called dry, dry; of what is dry, called so; courses
     *                                                                         that could be read; of these, the time left within a third
     */
    public function run(Dice $dice, int $lots): array
    {
        $rows = [];
        foreach (self::SCENARIOS as $scenario => [$off, $scale]) {
            foreach (['measured for the species' => BalanceGround::Measured, 'the usual of vegetables' => BalanceGround::Usual] as $known => $ground) {
                $crops = array_values(array_filter($this->crops->all(), static fn (Crop $crop): bool => $crop->balance->ground === $ground && $crop->jarMoisture !== null));
                if ($crops === []) {
                    continue;
                }
                $rows[] = [$scenario, $known, ...self::shares($dice, $crops, 10 * $lots, $off, $scale)];
            }
        }

        return $rows;
    }

    /**
     * @param  non-empty-list<Crop>  $crops
     * @return array{float, float, float, float, float}
     */
    private static function shares(Dice $dice, array $crops, int $lots, float $off, float $scale): array
    {
        $near = $called = $rightly = $dry = $found = $read = $timely = 0;
        for ($n = 0; $n < $lots; $n++) {
            $crop = $dice->one($crops);
            $seed = self::seed($dice, $crop);
            $rh = $dice->between(0.20, 0.60);
            $told = $crop->balance->moisture(max(0.02, min(0.98, $rh + $off + $dice->normal(0.0, self::READS))), 20.0);
            $isCalled = round($told, 1) <= (float) $crop->jarMoisture;
            $near += (int) (abs($told - $seed->moistureAt($rh)) <= 1.0);
            $called += (int) $isCalled;
            $rightly += (int) ($isCalled && $rh <= self::DRY);
            // Between where it is meant to be called dry and where it no longer is, either is right.
            $isDry = $rh <= self::DRY - 0.10;
            $dry += (int) $isDry;
            $found += (int) ($isDry && $isCalled);
            do {
                $course = self::course($dice, $seed, $scale);
            } while ($course === false);
            $read += (int) ($course !== null);
            $timely += (int) ($course !== null && $course <= 1.0 / 3.0);
        }

        return [$near / $lots, $rightly / max(1, $called), $found / max(1, $dry), $read / $lots, $timely / max(1, $read)];
    }

    /** Of the crop's own species where that was measured, else of any that was and is as oily. */
    public static function seed(Dice $dice, Crop $crop): TrueSeed
    {
        $as = $crop->species();
        if ($crop->balance->ground !== BalanceGround::Measured) {
            $away = array_map(static fn (array $of): float => abs($of[0] - $crop->balance->oil), MeasuredBalances::WET);
            $as = $dice->one(array_keys(array_filter($away, static fn (float $one): bool => $one <= max(0.08, min($away)))) ?: array_keys($away));
        }

        return new TrueSeed(MeasuredBalances::WET[$as][1], MeasuredBalances::RH, $dice->normal(1.0, 0.04));
    }

    /**
     * A hundred grams or so, weighed for three days, and asked when nine tenths of what it can lose has gone.
     *
     * @return float|false|null how far out the time left is, as a share of the truth; null when Marrow reads nothing from the
     *                          weighings yet, false when there was nothing to be asked: it was there already, or far from it
     */
    private static function course(Dice $dice, TrueSeed $seed, float $scale): float|false|null
    {
        $dryMatter = $dice->between(40.0, 120.0);
        $rh = $dice->between(0.25, 0.45);
        $masses = array_map(static fn (float $each): float => $each * $dryMatter, $seed->drying($dice->between(20.0, 45.0), $rh, 0.05, $dice->between(0.015, 0.05), 600));
        $ends = $dryMatter * 100.0 / (100.0 - $seed->moistureAt($rh));
        $target = $ends + 0.1 * ($masses[0] - $ends);
        $hours = [0.0, 8.0, 22.0, 32.0, 46.0, 56.0, 70.0];
        $truth = null;
        foreach ($masses as $hour => $mass) {
            if ($mass <= $target) {
                $truth = $hour - 70.0;

                break;
            }
        }
        if ($truth === null || $truth < 6.0) {
            return false;
        }
        try {
            $left = DryingCurve::fit($hours, array_map(static fn (float $hour): float => $scale * round($masses[(int) $hour] / $scale), $hours))->hoursTo($target);
        } catch (InvalidFigure) {
            return null;
        }

        return $left === null ? 1.0 : abs($left - 70.0 - $truth) / $truth;
    }
}
