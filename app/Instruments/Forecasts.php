<?php

declare(strict_types=1);

namespace App\Instruments;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Instruments\ForecastDay;
use Marrow\Core\Instruments\ForecastRecord;

/** What was foretold, and what came. */
final class Forecasts
{
    /** Days for which a forecast is held against what came. */
    private const HELD = 120;

    /** Of a forecast that is older than so many days nothing is said any more. */
    private const STALE = 2;

    /** @return list<ForecastDay> of today and later, as it was said last; none where it is stale */
    public static function ahead(DateTimeImmutable $now, int $days): array
    {
        $rows = DB::select(
            'SELECT for_day, low, high, rain, chance, wind, max(said_on) AS said FROM forecasts
             WHERE for_day BETWEEN ? AND ? AND said_on BETWEEN ? AND ? AND instrument_id IN (SELECT id FROM instruments WHERE gone = 0) GROUP BY for_day ORDER BY for_day',
            [$now->format('Y-m-d'), $now->modify("+$days days")->format('Y-m-d'), $now->modify(sprintf('-%d days', self::STALE))->format('Y-m-d'), $now->format('Y-m-d')],
        );

        return array_values(array_map(self::day(...), $rows));
    }

    /** How good it has been: what it said the day before against what a station here measured. */
    public static function record(string $instrument, DateTimeImmutable $now): ForecastRecord
    {
        $rows = DB::select(
            "SELECT f.for_day, f.low, f.high, f.rain, f.chance, f.wind,
                (SELECT max(d.total) FROM reading_days d WHERE d.measure = 'rain' AND d.day = f.for_day) AS fell,
                (SELECT min(d.least) FROM reading_days d JOIN instruments i ON i.id = d.instrument_id AND i.kind = 'weather' WHERE d.measure = 'temperature' AND d.day = f.for_day) AS night
             FROM forecasts f WHERE f.instrument_id = ? AND f.said_on = date(f.for_day, '-1 day') AND f.for_day < ? AND f.for_day >= ? ORDER BY f.for_day",
            [$instrument, $now->format('Y-m-d'), $now->modify(sprintf('-%d days', self::HELD))->format('Y-m-d')],
        );

        return ForecastRecord::of(array_values(array_map(static function (object $row): array {
            /** @var object{for_day: string, low: ?float, high: ?float, rain: ?float, chance: ?float, wind: ?float, fell: ?float, night: ?float} $row */
            return [self::day($row), $row->fell, $row->night];
        }, $rows)));
    }

    private static function day(object $row): ForecastDay
    {
        /** @var object{for_day: string, low: ?float, high: ?float, rain: ?float, chance: ?float, wind: ?float} $row */
        return new ForecastDay($row->for_day, $row->low, $row->high, $row->rain, $row->chance, $row->wind);
    }
}
