<?php

declare(strict_types=1);

namespace App\Reading;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Settings\Practice;

/** What the growing months of a year were like, by what a weather station here measured: May to September, in the south those half a year on. */
final readonly class YearsWeather
{
    /** Days of some 153 that must have been measured. */
    private const MEASURED = 120;

    public function __construct(private Practice $practice) {}

    /** @return ?array{mean: float, rain: ?float} °C in the mean and mm of rain; null where most days were not measured */
    public function of(int $year): ?array
    {
        $turn = $this->practice->year->shift->turn;
        $months = [$turn->here(new DateTimeImmutable("$year-05-01"))->format('Y-m-d'), $turn->here(new DateTimeImmutable("$year-09-30"))->format('Y-m-d')];
        $row = DB::selectOne("SELECT count(*) AS days, avg((d.least + d.greatest) / 2) AS mean, (SELECT sum(r.total) FROM instruments w CROSS JOIN reading_days r ON r.instrument_id = w.id AND r.measure = 'rain' WHERE w.kind = 'weather' AND w.gone = 0 AND r.day BETWEEN ? AND ?) AS rain FROM instruments i CROSS JOIN reading_days d ON d.instrument_id = i.id AND d.measure = 'temperature' WHERE i.kind = 'weather' AND i.gone = 0 AND d.day BETWEEN ? AND ?", [...$months, ...$months]);
        /** @var object{days: int, mean: ?float, rain: ?float} $row */

        return $row->mean === null || $row->days < self::MEASURED ? null : ['mean' => (float) $row->mean, 'rain' => $row->rain === null ? null : (float) $row->rain];
    }
}
