<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\BeltDayDocument;
use App\Documents\BeltWeekDocument;
use App\Moment;
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
        for ($week = 0; $week < self::WEEKS; $week++) {
            $days = [];
            for ($day = 0; $day < 7; $day++) {
                $date = $start->modify(sprintf('+%d days', $week * 7 + $day))->format('Y-m-d');
                $days[] = new BeltDayDocument($date, $counts[$date] ?? 0, $alarms[$date] ?? false, $marks[$date] ?? []);
            }
            $weeks[] = new BeltWeekDocument(
                $days[0]->date,
                array_sum(array_map(static fn (BeltDayDocument $day): int => $day->count, $days)),
                array_reduce($days, static fn (bool $any, BeltDayDocument $day): bool => $any || $day->alarm, false),
                $days,
            );
        }

        return $weeks;
    }

    /** @return array{array<string, int>, array<string, bool>, array<string, list<string>>} by date */
    private function due(DateTimeImmutable $start, DateTimeImmutable $end): array
    {
        $between = [Moment::keep($start), Moment::keep($end)];
        $counts = [];
        $alarms = [];
        $marks = [];
        $days = DB::select(
            "SELECT substr(best_at, 1, 10) AS day, count(*) AS n,
                max(loss = 'seed' AND latest_at IS NOT NULL) AS alarm
             FROM tasks WHERE best_at >= ? AND best_at < ? GROUP BY day",
            $between,
        );
        foreach ($days as $day) {
            /** @var object{day: string, n: int, alarm: int} $day */
            $counts[$day->day] = $day->n;
            $alarms[$day->day] = $day->alarm === 1;
        }
        $first = DB::select(
            'SELECT t.day, t.kind, t.subject, coalesce(l.number, p.number) AS number FROM (
                SELECT substr(best_at, 1, 10) AS day, kind, subject, subject_id,
                    row_number() OVER (PARTITION BY substr(best_at, 1, 10) ORDER BY loss = \'seed\' DESC, best_at, id) AS place
                FROM tasks WHERE best_at >= ? AND best_at < ?
             ) t
             LEFT JOIN lots l ON t.subject = \'lot\' AND l.id = t.subject_id
             LEFT JOIN plantings p ON t.subject = \'planting\' AND p.id = t.subject_id
             WHERE t.place <= ? ORDER BY t.day, t.place',
            [...$between, self::MARKS_A_DAY],
        );
        foreach ($first as $task) {
            /** @var object{day: string, kind: string, subject: string, number: int} $task */
            $marks[$task->day][] = ($task->subject === 'lot' ? 'L' : 'P').$task->number.' '.$this->voices->label($task->kind);
        }

        foreach ($this->planned->between($start, $end) as $task) {
            if ($task->on >= $start->format('Y-m-d')) {
                $counts[$task->on] = ($counts[$task->on] ?? 0) + 1;
                if (count($marks[$task->on] ?? []) < self::MARKS_A_DAY) {
                    $marks[$task->on][] = mb_strtolower(mb_substr($task->do, 0, 1)).mb_substr($task->do, 1);
                }
            }
        }

        return [$counts, $alarms, $marks];
    }
}
