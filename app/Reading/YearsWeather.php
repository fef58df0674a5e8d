<?php

declare(strict_types=1);

namespace App\Reading;

use Illuminate\Support\Facades\DB;

/** What the growing months of a year were like, by what a weather station here measured. */
final class YearsWeather
{
    /** Days of the 153 from May to September that must have been measured. */
    private const MEASURED = 120;

    /** @return ?array{mean: float, rain: ?float} °C in the mean and mm of rain from May to September; null where most days were not measured */
    public function of(int $year): ?array
    {
        $row = DB::selectOne("SELECT count(*) AS days, avg((d.least + d.greatest) / 2) AS mean, (SELECT sum(r.total) FROM instruments w CROSS JOIN reading_days r ON r.instrument_id = w.id AND r.measure = 'rain' WHERE w.kind = 'weather' AND w.gone = 0 AND r.day BETWEEN ? AND ?) AS rain FROM instruments i CROSS JOIN reading_days d ON d.instrument_id = i.id AND d.measure = 'temperature' WHERE i.kind = 'weather' AND i.gone = 0 AND d.day BETWEEN ? AND ?", ["$year-05-01", "$year-09-30", "$year-05-01", "$year-09-30"]);
        /** @var object{days: int, mean: ?float, rain: ?float} $row */

        return $row->mean === null || $row->days < self::MEASURED ? null : ['mean' => (float) $row->mean, 'rain' => $row->rain === null ? null : (float) $row->rain];
    }
}
