<?php

declare(strict_types=1);

namespace App\Simulation;

use DateTimeImmutable;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Storage\Ageing;
use Marrow\Core\Storage\AgeingSegment;
use Marrow\Core\Storage\Forecast;
use Marrow\Core\Storage\LotPace;
use Marrow\Core\Storage\ViabilityConstants;

/**
 * Keepers whose seed is known to us and not to them: each puts a lot away, tests it or does not, and asks Marrow for the
 * share alive years later. How often does the truth lie in the band?
 */
final readonly class StorageSimulation
{
    private const MEASURED = ['onion', 'lettuce', 'barley', 'chickpea', 'cowpea', 'soya'];

    private const SOLVED = ['tomato', 'radish', 'carrot', 'parsnip', 'pepper', 'pea'];

    /** What is wrong, for all keepers of a run: C_W, per cent RH and °C by which instruments read too high. */
    private const SCENARIOS = [
        'the model is right' => [null, 0.0, 0.0],
        'C_W is 3.5' => [3.5, 0.0, 0.0],
        'C_W is 6' => [6.0, 0.0, 0.0],
        'the hygrometer reads 5 % too low' => [null, -5.0, 0.0],
        'the thermometer reads 2 °C too low' => [null, 0.0, -2.0],
    ];

    public function __construct(private CropReference $crops) {}

    /**
     * @param  int  $lots  of each crop and each state of knowledge
     * @return list<array{string, string, string, float, float, float}> what is wrong, crops, what was known, and of the bands: share that hold the truth, share with the truth above, share below
     */
    public function run(Dice $dice, int $lots): array
    {
        $rows = [];
        foreach (self::SCENARIOS as $scenario => $wrong) {
            foreach (['constants measured' => self::MEASURED, 'solved from ordinary years' => self::SOLVED] as $group => $keys) {
                foreach ([0 => 'never tested', 1 => 'tested once', 2 => 'tested twice'] as $tests => $known) {
                    $held = $above = $below = 0;
                    foreach ($keys as $key) {
                        for ($n = 0; $n < $lots; $n++) {
                            [$share, $low, $high] = $this->lot($dice, $this->crops->get($key), $tests, ...$wrong);
                            $held += (int) ($share >= $low && $share <= $high);
                            $above += (int) ($share > $high);
                            $below += (int) ($share < $low);
                        }
                    }
                    $all = count($keys) * $lots;
                    $rows[] = [$scenario, $group, $known, $held / $all, $above / $all, $below / $all];
                }
            }
        }

        return $rows;
    }

    /** @return array{float, float, float} the true share at some day to come, and the band that Marrow gives for it */
    private function lot(Dice $dice, Crop $crop, int $tests, ?float $power, float $rhOff, float $temperatureOff): array
    {
        $constants = $crop->viability();
        $spread = $constants->basis->spreadOfLog();
        $cupboard = $crop->balance->moisture(0.50, 20.0);
        // Where C_W was measured it is what it is; a wrong one is tried there too.
        $usual = $constants->cw;
        $trueCw = $power ?? ($constants->awayFromCupboard(1.0) === 0.0 ? $usual : $dice->normal($usual, ViabilityConstants::CW_SPREAD));
        $lot = new TrueLot(
            $dice->normal(1.6448536, 0.33),
            $constants->sigma($cupboard, 20.0),
            $cupboard,
            exp($dice->normal(0.0, $spread)),
            $trueCw,
            [$constants->ch, $constants->cq],
        );
        $inJar = $dice->share() < 0.5;
        $temperature = $inJar ? $dice->between(3.0, 12.0) : $dice->between(12.0, 23.0);
        $rh = $inJar ? $dice->between(0.15, 0.35) : $dice->between(0.40, 0.60);
        $moisture = max(3.0, $crop->balance->moisture($rh, $inJar ? 20.0 : $temperature));

        // What the keeper reads, and Marrow knows.
        $readTemperature = $temperature + $temperatureOff;
        $readMoisture = max(3.0, $crop->balance->moisture(max(0.05, $rh + $rhOff / 100.0), $inJar ? 20.0 : $readTemperature));
        $start = new DateTimeImmutable('2020-09-01');
        $ageing = Ageing::of($start, [new AgeingSegment($start, $constants->sigma($readMoisture, $readTemperature), $constants->awayFromCupboard($readMoisture))]);
        $middle = max(60.0, $ageing->days(1.1, 20_000.0));

        $asked = $dice->between(0.4, 1.4) * $middle;
        $counted = [];
        $day = 0.0;
        for ($test = 1; $test <= $tests; $test++) {
            $day = $asked * 0.7 * $test / $tests;
            $sown = $dice->one([25, 50, 100]);
            $counted[] = [$ageing->until(self::on($start, $day))[0], $dice->ofSeeds($sown, $lot->after($day, $moisture, $temperature)), $sown];
        }
        if ($counted === []) {
            $forecast = Forecast::of($ageing, LotPace::untested(ViabilityConstants::FRESH, 0.0, $spread), $constants->basis);
        } else {
            [, $away] = $ageing->until(self::on($start, $day));
            $pace = LotPace::tested($counted, ViabilityConstants::FRESH, 0.0, hypot($spread, ViabilityConstants::CW_SPREAD * $away));
            $last = self::on($start, $day);
            $forecast = Forecast::of(Ageing::of($last, [new AgeingSegment($last, $constants->sigma($readMoisture, $readTemperature), $away)]), $pace, $constants->basis, $away);
        }
        $band = $forecast->limitsAt(self::on($start, $asked));

        return [$lot->after($asked, $moisture, $temperature), $band->low, $band->high];
    }

    private static function on(DateTimeImmutable $start, float $days): DateTimeImmutable
    {
        return $start->modify(sprintf('+%d minutes', (int) round($days * 1440)));
    }
}
