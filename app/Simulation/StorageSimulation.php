<?php

declare(strict_types=1);

namespace App\Simulation;

use DateTimeImmutable;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Storage\Ageing;
use Marrow\Core\Storage\AgeingSegment;
use Marrow\Core\Storage\Forecast;
use Marrow\Core\Storage\HygrometerError;
use Marrow\Core\Storage\LotPace;
use Marrow\Core\Storage\LotTelling;
use Marrow\Core\Storage\StorePace;
use Marrow\Core\Storage\ViabilityConstants;

/**
 * Keepers whose seed is known to us and not to them: each puts a lot away, tests it or does not, and asks Marrow for the
 * share alive years later. How often does the truth lie in the band?
 */
final readonly class StorageSimulation
{
    private const MEASURED = ['onion', 'lettuce', 'barley', 'chickpea', 'cowpea', 'soya'];

    private const SOLVED = ['tomato', 'radish', 'carrot', 'parsnip', 'pepper', 'pea'];

    /** What is wrong, for all keepers of a run: C_W, per cent RH and °C by which instruments read too high, and to within how much a keeper takes the hygrometer to be right. */
    private const SCENARIOS = [
        'the model is right' => [null, 0.0, 0.0, 3.0],
        'C_W is 3.5' => [3.5, 0.0, 0.0, 3.0],
        'C_W is 6' => [6.0, 0.0, 0.0, 3.0],
        'the hygrometer reads 5 % too low' => [null, -5.0, 0.0, 3.0],
        'it reads 5 % too low, and is taken to be right within 5' => [null, -5.0, 0.0, 5.0],
        'the thermometer reads 2 °C too low' => [null, 0.0, -2.0, 3.0],
    ];

    /** Per cent RH within which nine readings in ten lie of a hygrometer that is as good as is set. */
    private const READS = 3.0;

    /** Logarithm of how many times slower it ages. */
    private const FASTER = -0.405;

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
                    $rows[] = [$scenario, $group, $known, ...$this->shares($dice, $keys, $lots, $tests, $wrong)];
                }
            }
        }

        return [...$rows, ...$this->storeOfItsOwn($dice, $lots)];
    }

    /**
     * With the model right, crop by crop.
     *
     * @return list<array{string, string, string, float, float, float}> crop, ground of its constants, and as run()
     */
    public function byCrop(Dice $dice, int $lots): array
    {
        $rows = [];
        foreach ([...self::MEASURED, ...self::SOLVED] as $key) {
            foreach ([0 => 'never tested', 1 => 'tested once', 2 => 'tested twice'] as $tests => $known) {
                $rows[] = [$key, in_array($key, self::MEASURED, true) ? 'constants measured' : 'solved from ordinary years', $known, ...$this->shares($dice, [$key], $lots, $tests, self::SCENARIOS['the model is right'])];
            }
        }

        return $rows;
    }

    /**
     * @param  non-empty-list<string>  $keys  crops, so many lots of each
     * @param  array{?float, float, float, float}  $wrong
     * @param  float  $store  as lot()
     * @param  ?\Closure(): StorePace  $learnt  what has been learnt of the store, for each lot anew
     * @return array{float, float, float} of the bands: share that hold the truth, share with the truth above, share below
     */
    private function shares(Dice $dice, array $keys, int $lots, int $tests, array $wrong, float $store = 0.0, ?\Closure $learnt = null): array
    {
        $held = $above = $below = 0;
        foreach ($keys as $key) {
            for ($n = 0; $n < $lots; $n++) {
                [$share, $low, $high] = $this->lot($dice, $this->crops->get($key), $tests, $wrong, $store, $learnt === null ? null : $learnt());
                $held += (int) ($share >= $low && $share <= $high);
                $above += (int) ($share > $high);
                $below += (int) ($share < $low);
            }
        }
        $all = count($keys) * $lots;

        return [$held / $all, $above / $all, $below / $all];
    }

    /**
     * A keeper in whose store everything ages by half as fast again: before anything is learnt of it, and when a dozen other lots
     * have been tested.
     *
     * @return list<array{string, string, string, float, float, float}> as run()
     */
    private function storeOfItsOwn(Dice $dice, int $lots): array
    {
        $rows = [];
        foreach (['nothing learnt' => null, 'learnt from a dozen lots' => fn (): StorePace => $this->taught($dice)] as $learnt => $from) {
            foreach ([0 => 'never tested', 1 => 'tested once'] as $tests => $known) {
                $rows[] = [
                    "all here ages half as fast again, $learnt", 'solved from ordinary years', $known,
                    ...$this->shares($dice, self::SOLVED, $lots, $tests, self::SCENARIOS['the model is right'], self::FASTER, $from),
                ];
            }
        }

        return $rows;
    }

    private function taught(Dice $dice): StorePace
    {
        $told = [];
        for ($n = 0; $n < 12; $n++) {
            $lot = $this->lot($dice, $this->crops->get($dice->one(self::SOLVED)), 1, self::SCENARIOS['the model is right'], self::FASTER)[3];
            if ($lot !== null) {
                $told[] = $lot;
            }
        }

        return StorePace::learnt($told);
    }

    /**
     * @param  array{?float, float, float, float}  $wrong
     * @param  float  $store  logarithm of how many times slower than the model all seed of this keeper ages
     * @param  ?StorePace  $learnt  what has been learnt of that; null draws lots of any keeper
     * @return array{float, float, float, ?LotTelling} the true share at some day to come, the band that Marrow gives for it, and what the tests tell of the store
     */
    private function lot(Dice $dice, Crop $crop, int $tests, array $wrong, float $store = 0.0, ?StorePace $learnt = null): array
    {
        [$power, $rhOff, $temperatureOff, $within] = $wrong;
        $constants = $crop->viability();
        [$slower, $spread] = ($learnt ?? StorePace::unknown())->expected($constants->basis);
        // In one store lots differ by less than over all.
        $differ = $store === 0.0 ? $constants->basis->spreadOfLog() : sqrt(StorePace::betweenLots($constants->basis));
        $cupboard = $crop->balance->moisture(0.50, 20.0);
        // Where C_W was measured it is what it is; a wrong one is tried there too.
        $usual = $constants->cw;
        $trueCw = $power ?? ($constants->awayFromCupboard(1.0) === 0.0 ? $usual : $dice->normal($usual, ViabilityConstants::CW_SPREAD));
        $lot = new TrueLot(
            $dice->normal(1.6448536, 0.33),
            $constants->sigma($cupboard, 20.0),
            $cupboard,
            exp($dice->normal($store, $differ)),
            $trueCw,
            [$constants->ch, $constants->cq],
        );
        $inJar = $dice->share() < 0.5;
        $temperature = $inJar ? $dice->between(3.0, 12.0) : $dice->between(12.0, 23.0);
        $rh = $inJar ? $dice->between(0.15, 0.35) : $dice->between(0.40, 0.60);
        $moisture = max(3.0, $crop->balance->moisture($rh, $inJar ? 20.0 : $temperature));

        // What the keeper reads, and Marrow knows.
        $readTemperature = $temperature + $temperatureOff;
        $readMoisture = max(3.0, $crop->balance->moisture(max(0.05, $rh + ($rhOff === 0.0 ? $dice->normal(0.0, self::READS / 1.6448536) : $rhOff) / 100.0), $inJar ? 20.0 : $readTemperature));
        $spread = hypot($spread, HygrometerError::spread($constants, $crop->balance, $readMoisture, $within));
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
        $told = null;
        if ($counted === []) {
            $forecast = Forecast::of($ageing, LotPace::untested(ViabilityConstants::FRESH, $slower, $spread), $constants->basis);
        } else {
            [, $away] = $ageing->until(self::on($start, $day));
            $wide = hypot($spread, ViabilityConstants::CW_SPREAD * $away);
            $pace = LotPace::tested($counted, ViabilityConstants::FRESH, $slower, $wide);
            $told = $slower === 0.0 ? LotTelling::of($pace, $wide, $constants->basis) : null;
            $last = self::on($start, $day);
            $forecast = Forecast::of(Ageing::of($last, [new AgeingSegment($last, $constants->sigma($readMoisture, $readTemperature), $away)]), $pace, $constants->basis, $away);
        }
        $band = $forecast->limitsAt(self::on($start, $asked));

        return [$lot->after($asked, $moisture, $temperature), $band->low, $band->high, $told];
    }

    private static function on(DateTimeImmutable $start, float $days): DateTimeImmutable
    {
        return $start->modify(sprintf('+%d minutes', (int) round($days * 1440)));
    }
}
