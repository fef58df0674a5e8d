<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\BeltDayDocument;
use App\Documents\BeltWeekDocument;
use App\Models\DueTask;
use App\Plans\PlannedWork;
use App\Work\TaskVoices;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;

/** The year in weeks: a few behind, the rest ahead, with what falls due on each day. */
final readonly class Belt
{
    private const WEEKS_BEHIND = 4;

    private const WEEKS = 52;

    /** More than this on one day is said as a number. */
    private const MARKS_A_DAY = 3;

    public function __construct(private PlannedWork $planned, private TaskVoices $voices) {}

    /** @return list<BeltWeekDocument> */
    public function weeks(DateTimeImmutable $today): array
    {
        $start = $today->setTime(0, 0)->modify('monday this week')->modify(sprintf('-%d weeks', self::WEEKS_BEHIND));
        $end = $start->modify(sprintf('+%d weeks', self::WEEKS));
        [$counts, $alarms, $marks] = $this->due($start, $end);
        $weeks = [];
        // By dates alone: a day is a day, however long its hours make it.
        $noon = gmmktime(12, 0, 0, (int) $start->format('n'), (int) $start->format('j'), (int) $start->format('Y'));
        for ($week = 0; $week < self::WEEKS; $week++) {
            $days = [];
            [$count, $alarm] = [0, false];
            for ($day = 0; $day < 7; $day++) {
                $date = gmdate('Y-m-d', $noon + 86_400 * ($week * 7 + $day));
                $days[] = new BeltDayDocument($date, $counts[$date] ?? 0, $alarms[$date] ?? false, $marks[$date] ?? []);
                $count += $counts[$date] ?? 0;
                $alarm = $alarm || ($alarms[$date] ?? false);
            }
            $weeks[] = new BeltWeekDocument($days[0]->date, $count, $alarm, $days);
        }

        return $weeks;
    }

    /** @return array{array<string, int>, array<string, bool>, array<string, list<string>>} by date */
    private function due(DateTimeImmutable $start, DateTimeImmutable $end): array
    {
        $between = [$start->format('Y-m-d'), $end->format('Y-m-d')];
        $counts = [];
        $alarms = [];
        $marks = [];
        // In one go, and from one index, which holds all that is said here.
        $days = DB::select(
            "WITH due AS MATERIALIZED (SELECT day, count(*) AS n, min(urgency) AS urgency FROM tasks WHERE day >= ? AND day < ? GROUP BY day)
             SELECT day, n, urgency, (SELECT group_concat(kind || ' ' || code, ',') FROM (SELECT kind, code FROM tasks WHERE tasks.day = due.day ORDER BY urgency, best_at, id LIMIT ?)) AS first FROM due",
            [...$between, self::MARKS_A_DAY],
        );
        foreach ($days as $day) {
            /** @var object{day: string, n: int, urgency: int, first: string} $day */
            $counts[$day->day] = $day->n;
            $alarms[$day->day] = $day->urgency < DueTask::WAITS;
            foreach (explode(',', $day->first) as $task) {
                [$kind, $code] = explode(' ', $task);
                $marks[$day->day][] = $code.' '.$this->voices->label($kind);
            }
        }

        foreach ($this->planned->days($start, $end, self::MARKS_A_DAY) as $day => [$count, $first]) {
            $counts[$day] = ($counts[$day] ?? 0) + $count;
            foreach (array_slice($first, 0, self::MARKS_A_DAY - count($marks[$day] ?? [])) as $do) {
                $marks[$day][] = mb_strtolower(mb_substr($do, 0, 1)).mb_substr($do, 1);
            }
        }

        return [$counts, $alarms, $marks];
    }
}
