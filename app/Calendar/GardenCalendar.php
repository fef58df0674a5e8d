<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Clock;
use App\Garden\Settings;
use App\Models\DueTask;
use App\Models\Garden;
use App\Moment;
use App\Plans\PlannedTask;
use App\Plans\PlannedWork;
use App\Presenting\Tasks;
use App\Voice\Speaking;
use App\Voice\When;
use DateTimeImmutable;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;

/** Everything planned and due as an iCalendar file (RFC 5545): whole days, so that it reads the same in every zone. */
final readonly class GardenCalendar
{
    private const MOST = 500;

    /** What is further off changes before it comes; whoever subscribes asks again. */
    private const DAYS_AHEAD = 60;

    public function __construct(private PlannedWork $work, private Tasks $tasks, private Clock $clock, private Settings $settings) {}

    /** All plans, and what is due within two months of what is growing, drying, under test and in store. */
    public function everything(): string
    {
        $calendar = $this->calendar(Garden::query()->first()->name ?? 'Marrow');
        foreach ($this->work->all() as $task) {
            $this->planned($calendar, $task);
        }
        $now = $this->clock->now();
        $due = DueTask::standing($now)->where('best_at', '<=', Moment::keep($now->modify(sprintf('+%d days', self::DAYS_AHEAD))))->orderBy('best_at')->limit(self::MOST)->get();
        foreach ($this->tasks->documents($due, new When($now, isRead: false)) as $task) {
            $this->event(
                $calendar,
                "due-{$task->name}-{$task->kind}-".($task->about ?? ''),
                trim($task->name.' '.($task->tag->variety ?? '')).': '.$task->do,
                $task->why,
                // What is overdue is due today: a calendar shows nothing of days gone by.
                max(new DateTimeImmutable($task->best), new DateTimeImmutable($now->format('Y-m-d'))),
            );
        }

        return self::written($calendar);
    }

    public function ofPlan(int $year): string
    {
        $calendar = $this->calendar('Plan for '.Speaking::forms()->turn->called($year));
        foreach ($this->work->ofYear($year) as $task) {
            $this->planned($calendar, $task);
        }

        return self::written($calendar);
    }

    private function planned(VCalendar $calendar, PlannedTask $task): void
    {
        $this->event(
            $calendar,
            "plan-{$task->planting}-{$task->kind->value}",
            $task->do,
            $task->why,
            new DateTimeImmutable($task->on),
            $task->until === null ? null : new DateTimeImmutable($task->until),
            $task->kind->isDaily(),
        );
    }

    private function event(VCalendar $calendar, string $id, string $summary, string $why, DateTimeImmutable $on, ?DateTimeImmutable $until = null, bool $daily = false): void
    {
        $event = new VEvent($calendar, 'VEVENT', [
            'UID' => rtrim($id, '-').'@marrow',
            // In universal time, as the standard wants it of this one.
            'DTSTAMP' => $this->clock->now()->setTimezone(new DateTimeZone('UTC'))->format('Ymd\THis\Z'),
            'SUMMARY' => str_replace("\u{00A0}", ' ', $summary),
            'DESCRIPTION' => str_replace("\u{00A0}", ' ', $why),
            'TRANSP' => 'TRANSPARENT',
        ]);
        $event->add('DTSTART', $on->format('Ymd'), ['VALUE' => 'DATE']);
        $days = $until === null ? 1 : (int) $on->diff($until)->format('%a') + 1;
        if ($daily && $days > 1) {
            $event->add('RRULE', "FREQ=DAILY;COUNT=$days");
            $days = 1;
        }
        $event->add('DTEND', $on->modify("+$days days")->format('Ymd'), ['VALUE' => 'DATE']);
        $hour = $this->settings->value('calendar_hour');
        if (is_int($hour)) {
            $event->add('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => str_replace("\u{00A0}", ' ', $summary), 'TRIGGER' => "PT{$hour}H"]);
        }
        $calendar->add($event);
    }

    private function calendar(string $name): VCalendar
    {
        return new VCalendar(['PRODID' => '-//Marrow//Season//EN', 'X-WR-CALNAME' => $name]);
    }

    private static function written(VCalendar $calendar): string
    {
        $text = $calendar->serialize();

        return is_string($text) ? $text : '';
    }
}
