<?php

declare(strict_types=1);

namespace App\Reading;

use Illuminate\Support\Facades\DB;

/** How cool the four coolest weeks of the last year here were, by what a weather station measured. */
final class CoolestWeeks
{
    /** Days of the last year that must have been measured. */
    private const A_YEAR = 330;

    private const WEEKS = 28;

    /** Of any four weeks, those that must have been measured. */
    private const MEASURED = 24;

    /** @return ?float °C, the mean of the coolest 28 days on end; null where not a year was measured */
    public static function measured(): ?float
    {
        $days = DB::select("SELECT julianday(d.day) AS n, avg((d.least + d.greatest) / 2) AS mean FROM instruments i CROSS JOIN reading_days d ON d.instrument_id = i.id AND d.measure = 'temperature' WHERE i.kind = 'weather' AND i.gone = 0 AND d.day > (SELECT date(max(l.day), '-365 days') FROM instruments w CROSS JOIN reading_days l ON l.instrument_id = w.id AND l.measure = 'temperature' WHERE w.kind = 'weather' AND w.gone = 0) GROUP BY d.day ORDER BY d.day");
        /** @var list<object{n: float, mean: float}> $days */
        if (count($days) < self::A_YEAR) {
            return null;
        }
        $means = [];
        foreach ($days as $i => $first) {
            $within = [];
            for ($to = $i; $to < count($days) && $days[$to]->n < $first->n + self::WEEKS; $to++) {
                $within[] = $days[$to]->mean;
            }
            if (count($within) >= self::MEASURED) {
                $means[] = array_sum($within) / count($within);
            }
        }

        return $means === [] ? null : min($means);
    }
}
