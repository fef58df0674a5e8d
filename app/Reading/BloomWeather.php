<?php

declare(strict_types=1);

namespace App\Reading;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Planting\PlantingCourse;

/** Nights too cold and days too hot for fruit to set, while a planting bloomed, by what a station here measured. */
final class BloomWeather
{
    /**
     * @return ?array{cold: int, hot: int, days: int} of so many days of bloom that were measured; null where the crop's bounds, its bloom or its weather are not known
     */
    public static function of(PlantingCourse $course, DateTimeImmutable $now): ?array
    {
        $bounds = $course->facts->crop->growing->fruitSet;
        $from = $course->growing->firstBloomAt;
        if ($bounds === null || $from === null) {
            return null;
        }
        $until = min($now, $course->growing->lastBloomAt ?? $from->modify(sprintf('+%d days', $course->facts->crop->growing->bloomDays())));
        $row = DB::selectOne(
            "SELECT count(*) AS days, sum(low < CAST(? AS REAL)) AS cold, sum(high > CAST(? AS REAL)) AS hot FROM (
                SELECT d.day, min(d.least) AS low, max(d.greatest) AS high FROM instruments i CROSS JOIN reading_days d ON d.instrument_id = i.id AND d.measure = 'temperature' AND d.day BETWEEN ? AND ?
                WHERE i.kind = 'weather' AND i.gone = 0 GROUP BY d.day
             )",
            [$bounds[0], $bounds[1], $from->format('Y-m-d'), $until->format('Y-m-d')],
        );
        /** @var object{days: int, cold: ?int, hot: ?int} $row */

        return $row->days === 0 ? null : ['cold' => $row->cold ?? 0, 'hot' => $row->hot ?? 0, 'days' => $row->days];
    }
}
