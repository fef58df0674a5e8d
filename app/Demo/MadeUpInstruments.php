<?php

declare(strict_types=1);

namespace App\Demo;

use App\Clock;
use App\Instruments\Readings;
use App\Instruments\StandIns\MadeUpAir;
use App\Instruments\StandIns\MadeUpWeather;
use App\Instruments\StandIns\StandIns;
use App\Models\Instrument;
use App\Models\Place;
use App\Moment;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Instruments\InstrumentKind;
use Marrow\Core\Instruments\SentReadings;
use Marrow\Core\Year\YearTurn;
use Ramsey\Uuid\Uuid;

/** The demo's instruments are stand-ins (bin/stand-ins), and say so; what they told over the last year is made up as well. */
final readonly class MadeUpInstruments
{
    private const SEED = 29;

    private const NAMESPACE = '5f1c7d1a-9b0e-4a86-8f52-6f5f0c5b9d11';

    public function __construct(private Readings $readings, private Clock $clock) {}

    public function hang(Place $cupboard, Place $fridge, YearTurn $turn): void
    {
        $now = $this->clock->now();
        $this->instrument('Kitchen scale (stand-in)', InstrumentKind::Scale, null, '127.0.0.1:4701', 0.05);
        $this->logger('Logger in the cupboard (stand-in)', $cupboard, 'cupboard', StandIns::cupboard(self::SEED, $turn), '-1 year');
        $this->logger('Logger in the fridge (stand-in)', $fridge, 'fridge', StandIns::fridge(self::SEED, $turn), '-1 year');
        $this->weather($now, $turn);
    }

    /** In a room where seed dries. */
    public function hangIn(Place $washHouse, YearTurn $turn): void
    {
        $this->logger('Logger in the wash-house (stand-in)', $washHouse, 'wash-house', StandIns::washHouse(self::SEED, $turn), '-20 days');
    }

    private function logger(string $name, Place $place, string $path, MadeUpAir $air, string $since): void
    {
        $now = $this->clock->now();
        $this->tells($this->instrument($name, InstrumentKind::Logger, $place, "http://127.0.0.1:4702/air/$path", 0.5), $air->hours($now->modify($since), $now), $now);
    }

    /** @param  list<array<string, mixed>>  $rows */
    private function tells(Instrument $instrument, array $rows, DateTimeImmutable $now): void
    {
        foreach (array_chunk($rows, 4000) as $some) {
            $this->readings->keep($instrument, SentReadings::of(['readings' => $some], $instrument->sort()->measures(), $now)->readings, $now);
        }
        $this->readings->thin($now);
        $instrument->update(['heard_at' => Moment::keep($now)]);
    }

    private function weather(DateTimeImmutable $now, YearTurn $turn): void
    {
        $weather = new MadeUpWeather(self::SEED, $turn);
        $station = $this->instrument('Weather (stand-in)', InstrumentKind::Weather, null, 'http://127.0.0.1:4702/weather', null);
        $days = $foretold = [];
        for ($day = $now->modify('-1 year'); $day < $now->setTime(0, 0); $day = $day->modify('+1 day')) {
            $came = $weather->came($day);
            $on = $day->format('Y-m-d');
            foreach (['temperature' => [$came['low'], $came['high']], 'rain' => [$came['rain'], $came['rain']], 'wind' => [$came['wind'], $came['wind']], 'wind_east' => array_fill(0, 2, $came['wind'] * sin(deg2rad($came['from']))), 'wind_north' => array_fill(0, 2, $came['wind'] * cos(deg2rad($came['from'])))] as $measure => [$least, $greatest]) {
                $days[] = ['instrument_id' => $station->id, 'measure' => $measure, 'day' => $on, 'least' => $least, 'greatest' => $greatest, 'total' => $measure === 'temperature' ? $least + $greatest : $greatest, 'readings' => $measure === 'temperature' ? 2 : 1];
            }
            $said = $weather->foretold($day);
            $foretold[] = ['instrument_id' => $station->id, 'for_day' => $on, 'said_on' => $day->modify('-1 day')->format('Y-m-d'), 'low' => $said['low_c'], 'high' => $said['high_c'], 'rain' => $said['rain_mm'], 'chance' => $said['rain_chance'], 'wind' => $said['wind_ms']];
        }
        for ($ahead = 0; $ahead < 7; $ahead++) {
            $said = $weather->foretold($now->modify("+$ahead days"));
            $foretold[] = ['instrument_id' => $station->id, 'for_day' => $said['day'], 'said_on' => $now->format('Y-m-d'), 'low' => $said['low_c'], 'high' => $said['high_c'], 'rain' => $said['rain_mm'], 'chance' => $said['rain_chance'], 'wind' => $said['wind_ms']];
        }
        foreach (['reading_days' => $days, 'forecasts' => $foretold] as $table => $rows) {
            foreach (array_chunk($rows, 100) as $some) {
                DB::table($table)->insert($some);
            }
        }
        $station->update(['heard_at' => Moment::keep($now)]);
    }

    private function instrument(string $name, InstrumentKind $kind, ?Place $place, string $address, ?float $errs): Instrument
    {
        return Instrument::query()->create(['id' => Uuid::uuid5(self::NAMESPACE, $name)->toString(), 'name' => $name, 'kind' => $kind->value, 'place_id' => $place?->id, 'address' => $address, 'errs' => $errs])->refresh();
    }
}
