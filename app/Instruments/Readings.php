<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Models\Instrument;
use App\Moment;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Instruments\DaySummary;
use Marrow\Core\Instruments\Measure;
use Marrow\Core\Instruments\Reading;

/**
 * What instruments told. Each reading is kept for KEPT days; of every day its least, its greatest, their sum and their number
 * are kept for good, reckoned from all its readings while those are there. So thinning loses no day's least, greatest or mean.
 */
final class Readings
{
    /** Days for which each reading is kept. */
    public const KEPT = 45;

    /** Days beyond which a drawing takes months instead of days. */
    private const DAYS_DRAWN = 800;

    /**
     * The same reading sent again takes its own place; of a day that has been thinned nothing more is taken.
     *
     * @param  list<Reading>  $readings  with any time zone but the garden's already left behind
     */
    public function keep(Instrument $instrument, array $readings, DateTimeImmutable $now): int
    {
        $kept = 0;
        $days = $rows = [];
        $whole = Moment::keep($now->modify(sprintf('-%d days', self::KEPT))->setTime(0, 0));
        foreach ($readings as $reading) {
            $at = Moment::keep($reading->at);
            $day = substr($at, 0, 10);
            $known = $days[$reading->measure->value][$day] ??= $at >= $whole || DB::table('reading_days')->where('instrument_id', $instrument->id)->where('measure', $reading->measure->value)->where('day', $day)->doesntExist();
            if ($known) {
                $rows[] = ['instrument_id' => $instrument->id, 'measure' => $reading->measure->value, 'at' => $at, 'value' => $reading->value];
                $kept++;
            }
        }
        foreach (array_chunk($rows, 200) as $some) {
            DB::table('readings')->upsert($some, ['instrument_id', 'measure', 'at'], ['value']);
        }
        foreach ($days as $measure => $of) {
            foreach (array_keys(array_filter($of)) as $day) {
                $this->summarise($instrument->id, $measure, (string) $day);
            }
        }

        return $kept;
    }

    /** What is older than KEPT days is left as what its days had. */
    public function thin(DateTimeImmutable $now): int
    {
        return DB::table('readings')->where('at', '<', Moment::keep($now->modify(sprintf('-%d days', self::KEPT))->setTime(0, 0)))->delete();
    }

    /** The last of one measure; null where there is none. */
    public function last(Instrument $instrument, Measure $measure): ?Reading
    {
        $row = DB::table('readings')->where('instrument_id', $instrument->id)->where('measure', $measure->value)->orderByDesc('at')->first();
        /** @var ?object{at: string, value: float} $row */

        return $row === null ? null : new Reading($measure, Moment::read($row->at), $row->value);
    }

    /** @return array<string, DaySummary> by day, in order */
    public function days(Instrument $instrument, Measure $measure, string $from, string $to): array
    {
        $days = [];
        foreach (DB::table('reading_days')->where('instrument_id', $instrument->id)->where('measure', $measure->value)->whereBetween('day', [$from, $to])->orderBy('day')->get() as $row) {
            /** @var object{day: string, least: float, greatest: float, total: float, readings: int} $row */
            $days[$row->day] = DaySummary::kept($row->least, $row->greatest, $row->total, $row->readings);
        }

        return $days;
    }

    /**
     * To be drawn: of each day, or of each month where there are many.
     *
     * @return array<string, DaySummary> by its first day
     */
    public function drawn(Instrument $instrument, Measure $measure, string $from, string $to): array
    {
        $days = $this->days($instrument, $measure, $from, $to);
        if (count($days) <= self::DAYS_DRAWN) {
            return $days;
        }
        $months = [];
        foreach ($days as $day => $summary) {
            $month = substr($day, 0, 7).'-01';
            $months[$month] = isset($months[$month]) ? $months[$month]->with($summary) : $summary;
        }

        return $months;
    }

    private function summarise(string $instrument, string $measure, string $day): void
    {
        DB::statement(
            'INSERT INTO reading_days (instrument_id, measure, day, least, greatest, total, readings)
             SELECT instrument_id, measure, ?, min(value), max(value), sum(value), count(*) FROM readings
             WHERE instrument_id = ? AND measure = ? AND at >= ? AND at <= ? GROUP BY instrument_id, measure
             ON CONFLICT (instrument_id, measure, day) DO UPDATE SET least = excluded.least, greatest = excluded.greatest, total = excluded.total, readings = excluded.readings',
            [$day, $instrument, $measure, "$day 00:00:00", "$day 23:59:59"],
        );
    }
}
