<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Folding\Asked;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\PlotDiary;
use Marrow\Core\Work\Task;

/** What a planting tells of how true its line is. */
final class TruenessTest extends CoreTestCase
{
    public function test_a_single_off_type_is_a_suspicion_until_the_keeper_says_what_it_was(): void
    {
        $diary = self::sown(30);
        $diary->record('off_types_seen', '2026-07-20', ['seen' => 30, 'off' => 1]);
        $trueness = $diary->course()->trueness;
        self::assertFalse($trueness->showsCrossing());
        self::assertSame(['judge_off_types'], self::kinds($diary));
        $diary->record('off_types_judged', '2026-08-01', ['judged' => 'stray']);
        self::assertSame([0, false, []], [$diary->course()->trueness->offThatCount(), $diary->course()->trueness->showsCrossing(), self::kinds($diary)]);
        $diary->record('off_types_judged', '2026-08-09', ['judged' => 'crossed', 'how' => 'warted fruit on its own seedlings']);
        self::assertSame([1, true], [$diary->course()->trueness->offThatCount(), $diary->course()->trueness->showsCrossing()]);
    }

    public function test_more_than_strays_make_shows_a_crossing_by_itself_and_can_still_be_judged(): void
    {
        // R: qbeta(0.05, 2.5, 3.5) = 0.128, qbeta(0.05, 2.5, 58.5) = 0.0096.
        $few = self::sown(5);
        $few->record('off_types_seen', '2026-08-20', ['seen' => 5, 'off' => 2]);
        self::assertTrue($few->course()->trueness->showsCrossing());
        self::assertSame([], self::kinds($few));
        $many = self::sown(60);
        $many->record('off_types_seen', '2026-08-20', ['seen' => 60, 'off' => 2]);
        self::assertFalse($many->course()->trueness->showsCrossing());
        $few->record('off_types_judged', '2026-08-21', ['judged' => 'stray', 'how' => 'volunteers from the heap']);
        self::assertFalse($few->course()->trueness->showsCrossing());
    }

    public function test_it_came_to_light_when_it_was_shown_and_not_at_the_first_look(): void
    {
        $diary = self::sown(40);
        $diary->record('off_types_seen', '2026-06-20', ['seen' => 40, 'off' => 0]);
        self::assertNull($diary->course()->trueness->shownAt);
        $diary->record('off_types_seen', '2026-07-20', ['seen' => 40, 'off' => 9]);
        $diary->record('off_types_seen', '2026-08-20', ['seen' => 40, 'off' => 9]);
        self::assertSame('2026-07-20', $diary->course()->trueness->shownAt?->format('Y-m-d'));
        $diary->record('off_types_judged', '2026-08-21', ['judged' => 'stray']);
        self::assertNull($diary->course()->trueness->shownAt);
        $diary->record('off_types_judged', '2026-09-01', ['judged' => 'crossed']);
        self::assertSame('2026-09-01', $diary->course()->trueness->shownAt?->format('Y-m-d'));
    }

    public function test_new_off_types_want_a_new_word(): void
    {
        $diary = self::sown(40);
        $diary->record('off_types_seen', '2026-06-20', ['seen' => 40, 'off' => 1]);
        $diary->record('off_types_judged', '2026-06-21', ['judged' => 'stray']);
        $diary->record('off_types_seen', '2026-07-20', ['seen' => 40, 'off' => 1]);
        self::assertSame([], self::kinds($diary), 'the same one again');
        $diary->record('off_types_seen', '2026-08-20', ['seen' => 40, 'off' => 2]);
        self::assertSame(['judge_off_types'], self::kinds($diary));
        self::assertSame($diary->course()->trueness->off, $diary->shuffled()->trueness->off);
    }

    public function test_what_was_pulled_tells_of_the_seed_and_before_bloom_it_is_no_parent(): void
    {
        $diary = self::sown(40);
        $diary->record('rogued', '2026-06-01', ['looked_over' => 20, 'pulled' => 1, 'why' => 'off_type']);
        self::assertEqualsWithDelta(0.4, $diary->course()->trueness->takenOut, 1e-12, 'half of them looked over, four in five met');
        $diary->record('rogued', '2026-06-08', ['looked_over' => 39, 'pulled' => 1, 'why' => 'off_type']);
        self::assertEqualsWithDelta(1 - 0.6 * 0.2, $diary->course()->trueness->takenOut, 1e-12);
        $diary->record('first_bloom', '2026-06-20');
        $diary->record('rogued', '2026-07-01', ['looked_over' => 38, 'pulled' => 1, 'why' => 'off_type']);
        $trueness = $diary->course()->trueness;
        self::assertEqualsWithDelta(0.88, $trueness->takenOut, 1e-12, 'those pulled in bloom have given pollen');
        self::assertSame([3, 39], [$trueness->off, $trueness->seen]);
        $diary->record('rogued', '2026-07-02', ['looked_over' => 37, 'pulled' => 5, 'why' => 'sick']);
        self::assertSame([3, 39], [$diary->course()->trueness->off, $diary->course()->trueness->seen], 'who pulls the sick looks for that');
    }

    public function test_how_it_was_kept_apart_goes_by_what_stood_round_it_and_what_covered_it(): void
    {
        $crop = self::crop('squash-pepo');
        $diary = self::sown(4, 'squash-pepo');
        self::assertNull($diary->course()->trueness->crossed(), 'nothing on record');
        $diary->record('first_bloom', '2026-07-01');
        $diary->record('last_bloom', '2026-07-20');
        $diary->record('neighbours_seen', '2026-07-05', ['within_m' => $crop->distances->careful]);
        self::assertEqualsWithDelta(0.005, $diary->course()->trueness->crossed(), 1e-9, 'half a per cent is left at the careful distance');
        $diary->record('neighbours_seen', '2026-07-06', ['within_m' => 50, 'nearest_m' => 0]);
        self::assertEqualsWithDelta($crop->adjacentShare, $diary->course()->trueness->crossed(), 1e-9, 'the nearest of any look counts');
        $diary->record('neighbours_seen', '2026-07-07', ['within_m' => 800, 'nearest_m' => 700]);
        self::assertEqualsWithDelta($crop->adjacentShare, $diary->course()->trueness->crossed(), 1e-9);
        $diary->record('covered', '2026-07-01 06:00', ['with' => 'cage']);
        $diary->record('uncovered', '2026-07-11 06:00');
        self::assertEqualsWithDelta(0.5, $diary->course()->trueness->covered(), 1e-12, 'ten days of twenty');
        self::assertEqualsWithDelta(0.5 * $crop->adjacentShare + 0.5 * 0.005, $diary->course()->trueness->crossed(), 1e-9);
        $diary->record('covered', '2026-07-11 06:00', ['with' => 'net']);
        self::assertEqualsWithDelta(0.5, $diary->course()->trueness->covered(), 1e-12, 'a net against birds keeps no bee out');
    }

    public function test_nothing_is_judged_that_was_not_seen(): void
    {
        $this->expectException(Asked::class);
        self::sown(10)->record('off_types_judged', '2026-08-01', ['judged' => 'crossed']);
    }

    /** @return list<string> */
    private static function kinds(PlotDiary $diary): array
    {
        return array_values(array_filter(array_map(static fn (Task $task): string => (string) $task->kind->value, $diary->course()->tasks()), static fn (string $kind): bool => $kind === 'judge_off_types'));
    }

    private static function sown(int $plants, string $crop = 'leek'): PlotDiary
    {
        $diary = new PlotDiary(self::crop($crop));
        $diary->record('sown', '2026-04-01', ['plants' => $plants]);

        return $diary;
    }
}
