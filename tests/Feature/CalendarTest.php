<?php

declare(strict_types=1);

namespace Tests\Feature;

use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Reader;
use Tests\TestCase;

/** Everything planned and due as an iCalendar file, read back as any calendar program would. */
final class CalendarTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->lay('marrow:demo');
    }

    public function test_the_feed_holds_what_is_planned_and_what_is_due(): void
    {
        $calendar = $this->calendar('/api/calendar.ics');
        $events = self::events($calendar);
        self::assertSame("Keepers' Acre", (string) $calendar->{'X-WR-CALNAME'});
        self::assertArrayHasKey('Sow Bell Buoy', $events);
        self::assertSame('20270428', (string) $events['Sow Bell Buoy']->DTSTART);
        self::assertSame('20270429', (string) $events['Sow Bell Buoy']->DTEND, 'the day after, as the format has it');
        $due = array_filter(array_keys($events), static fn (string $summary): bool => str_starts_with($summary, 'L13 '));
        self::assertNotEmpty($due, 'what is due of a lot stands in it too');
        self::assertSame([], $calendar->validate());
    }

    public function test_a_stretch_of_time_ends_the_day_after_its_last_and_daily_work_repeats(): void
    {
        $plan = $this->getJson('/api/plans/2027')->json();
        $plantings = array_map(static fn (array $p): array => $p['id'] === 'plan-bell-buoy' ? [...$p, 'cover' => 'bagged'] : $p, $plan['content']['plantings']);
        $this->putJson('/api/plans/2027', ['version' => $plan['version'], 'content' => [...$plan['content'], 'plantings' => $plantings]])->assertOk();
        $events = self::events($this->calendar('/api/plans/2027/calendar.ics'));
        $lift = $events['Lift Keel'];
        self::assertSame(['20261014', '20261029'], [(string) $lift->DTSTART, (string) $lift->DTEND]);
        // Five plants for seed: four mornings at the least.
        self::assertSame('FREQ=DAILY;COUNT=4', (string) $events['Pollinate Bell Buoy by hand']->RRULE);
    }

    public function test_it_reminds_at_the_hour_that_is_set_and_at_none_unless_asked(): void
    {
        self::assertNull(self::events($this->calendar('/api/calendar.ics'))['Sow Bell Buoy']->VALARM);
        $this->putJson('/api/settings/calendar_hour', ['value' => '7'])->assertOk();
        $calendar = $this->calendar('/api/calendar.ics');
        self::assertSame(['PT7H', 'Sow Bell Buoy'], [(string) self::events($calendar)['Sow Bell Buoy']->VALARM->TRIGGER, (string) self::events($calendar)['Sow Bell Buoy']->VALARM->DESCRIPTION]);
        self::assertSame([], $calendar->validate());
    }

    public function test_the_plan_stands_on_today_and_on_the_belt(): void
    {
        $today = $this->getJson('/api/today')->json('planned');
        self::assertSame(['Not sown this year: Quayside', 'Lift Bollard', 'Lift Capstan', 'Lift Keel'], array_column($today, 'do'));
        $belt = collect($this->getJson('/api/frame')->json('belt'))->flatMap(static fn (array $week): array => $week['days']);
        $sowing = $belt->firstWhere('date', '2027-03-26');
        self::assertSame(1, $sowing['count']);
        self::assertSame(['sow Spindrift'], $sowing['marks']);
    }

    public function test_a_program_that_has_it_already_is_told_so_until_something_changes(): void
    {
        $first = $this->get('/api/calendar.ics')->assertOk();
        $had = ['If-None-Match' => (string) $first->headers->get('ETag')];
        config(['marrow.now' => '2026-09-14T10:20']);
        $this->get('/api/calendar.ics', $had)->assertStatus(304)->assertContent('');
        $this->putJson('/api/plans/2027', ['version' => $this->getJson('/api/plans/2027')->json('version'), 'content' => [...$this->getJson('/api/plans/2027')->json('content'), 'plantings' => []]])->assertOk();
        $this->get('/api/calendar.ics', $had)->assertOk();
    }

    public function test_there_is_no_file_of_a_plan_that_is_not_there(): void
    {
        $this->getJson('/api/plans/1999/calendar.ics')->assertNotFound();
    }

    private function calendar(string $path): VCalendar
    {
        $answer = $this->get($path)->assertOk();
        self::assertStringStartsWith('text/calendar', (string) $answer->headers->get('Content-Type'));
        $calendar = Reader::read((string) $answer->getContent());
        self::assertInstanceOf(VCalendar::class, $calendar);

        return $calendar;
    }

    /** @return array<string, VEvent> by summary */
    private static function events(VCalendar $calendar): array
    {
        $events = [];
        $ids = [];
        foreach ($calendar->select('VEVENT') as $event) {
            self::assertInstanceOf(VEvent::class, $event);
            $events[(string) $event->SUMMARY] = $event;
            $ids[] = (string) $event->UID;
        }
        self::assertSame(array_unique($ids), $ids, 'every event has an id of its own');

        return $events;
    }
}
