<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Germination\GerminationSpeed;
use Marrow\Core\Germination\LaidIn;
use Marrow\Core\Germination\LaidOtherwise;
use Marrow\Core\Germination\UsualPace;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Testing\Pretreatment;
use Marrow\Core\Steps\Testing\TestCourse;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;

/** What is done before a test is counted, when it wants looking at, and what it says where it lay otherwise than it should. */
final class TestBeforeTest extends CoreTestCase
{
    public function test_its_days_are_counted_from_when_it_comes_out_of_the_cold(): void
    {
        $diary = self::laid('onion', ['chilled_days' => 28]);
        $test = self::test($diary);
        self::assertSame('2026-03-29 09:00', $test->beganAt()->format('Y-m-d H:i'));
        self::assertTrue($test->isChilling(new \DateTimeImmutable('2026-03-20 09:00')));
        self::assertSame(['warm_test' => '2026-03-29', 'count_test' => '2026-04-04'], self::due($diary));
        // Taken out late: as it was, not as it was meant.
        $diary->record('test_warmed', '2026-04-02 18:00', ['test' => 't']);
        self::assertSame(['wet_test' => '2026-04-05', 'count_test' => '2026-04-08'], self::due($diary));
        $diary->record('test_counted', '2026-04-10 09:00', ['test' => 't', 'normal' => [9, 8], 'abnormal' => [0, 0]]);
        self::assertSame(8, self::test($diary)->lastDay());
        self::assertFalse(self::test($diary)->isChilling(new \DateTimeImmutable('2026-03-20 09:00')));
    }

    public function test_what_comes_up_in_the_cold_came_on_its_first_day(): void
    {
        $diary = self::laid('onion', ['chilled_days' => 28]);
        $diary->record('test_counted', '2026-03-15 09:00', ['test' => 't', 'normal' => [1, 0], 'abnormal' => [0, 0]]);
        self::assertSame([0 => [1, 0]], self::test($diary)->newByDay());
        self::assertFalse(self::test($diary)->wantsWarmth(), 'whoever counts it has it in hand');
    }

    public function test_soaked_for_a_night_it_begins_the_next_day(): void
    {
        self::assertSame('2026-03-02 03:00', self::test(self::laid('onion', ['soaked_hours' => 18]))->beganAt()->format('Y-m-d H:i'));
    }

    public function test_it_is_wetted_by_its_way_and_counting_it_is_having_looked(): void
    {
        $diary = self::laid('onion', ['method' => 'damp_towel']);
        self::assertSame('2026-03-02', self::due($diary)['wet_test'] ?? null);
        $diary->record('test_wetted', '2026-03-02 20:00', ['test' => 't']);
        self::assertSame('2026-03-03', self::due($diary)['wet_test'] ?? null);
        $diary->record('test_counted', '2026-03-07 09:00', ['test' => 't', 'normal' => [9, 8], 'abnormal' => [0, 0]]);
        self::assertSame(['wet_test' => '2026-03-08', 'count_test' => '2026-03-09'], self::due($diary));
        // On the day on which it is counted nothing else is asked.
        $diary->record('test_wetted', '2026-03-08 09:00', ['test' => 't']);
        self::assertSame(['count_test' => '2026-03-09'], self::due($diary));
    }

    public function test_what_is_settled_is_looked_at_once_more_on_its_last_day(): void
    {
        $diary = self::laid('onion', ['method' => 'dish', 'replicates' => 4, 'seeds' => 25]);
        foreach ([7 => 5, 9 => 10, 11 => 6] as $day => $up) {
            $diary->record('test_counted', sprintf('2026-03-%02d', $day), ['test' => 't', 'normal' => [$up, $up, $up, $up], 'abnormal' => [0, 0, 0, 0]]);
            self::assertSame($day === 11 ? 12 : $day + 1, self::test($diary)->nextCountDay(new Practice));
        }
    }

    public function test_what_a_crop_wants_and_did_not_have_is_named(): void
    {
        $wants = self::crop('onion')->test;
        $named = static fn (Pretreatment $before, float $at): array => array_map(static fn (LaidOtherwise $one): string => $one->value, $before->otherwise(self::crop('onion'), $at));
        self::assertSame([], $named(new Pretreatment, $wants->temperatureLow));
        self::assertSame(['colder'], $named(new Pretreatment, $wants->temperatureLow - 4.0));
        self::assertSame([], $named(new Pretreatment(nightC: $wants->temperatureHigh), $wants->temperatureLow - 4.0), 'one of the two is warm enough');
        self::assertSame(['warmer'], $named(new Pretreatment, $wants->temperatureHigh + 3.0));
        $lettuce = self::crop('lettuce');
        self::assertSame($lettuce->test->light->value === 'light' ? ['in_the_dark'] : [], array_map(static fn (LaidOtherwise $one): string => $one->value, (new Pretreatment(laidIn: LaidIn::Dark))->otherwise($lettuce, 18.0)));
    }

    public function test_a_kind_that_wants_a_winter_tells_nothing_of_what_slept_without_one(): void
    {
        $slept = self::ended('cowslip', []);
        self::assertTrue($slept->course()->testing->mayHaveSlept(self::test($slept)));
        self::assertNull($slept->course()->testing->lastEnded());
        $short = self::ended('cowslip', ['chilled_days' => 7]);
        self::assertTrue($short->course()->testing->mayHaveSlept(self::test($short)), 'a week wakes next to none of it');
        $woken = self::ended('cowslip', ['chilled_days' => 42]);
        self::assertFalse($woken->course()->testing->mayHaveSlept(self::test($woken)));
        self::assertSame('t', $woken->course()->testing->lastEnded()?->set->test);
        self::assertSame([], self::test($woken)->otherwise());
    }

    public function test_half_is_told_to_the_day_only_where_counts_lie_close(): void
    {
        // T50 by hand: 10 before, 20 to come to the half of 30, of 24 between days 5 and 7.
        $close = GerminationSpeed::of([4, 5, 7, 9], [2, 8, 24, 26]);
        self::assertTrue($close->tellsHalf());
        self::assertSixDigits(5 + 2 * 20 / 24, $close->t50);
        self::assertSame([5.0, 7.0], $close->halfBetween);
        // A quarter (15) by 5 + 2 · 5/24, three quarters (45) by 7 + 2 · 11/26.
        self::assertSixDigits(7 + 2 * 11 / 26 - (5 + 2 * 5 / 24), $close->middleDays);
        $wide = GerminationSpeed::of([4, 10], [10, 50]);
        self::assertFalse($wide->tellsHalf());
        self::assertSame([4.0, 10.0], $wide->halfBetween);
        self::assertNull($wide->middleDays);
        self::assertFalse(GerminationSpeed::of([2], [60])->tellsHalf(), 'up at the first count: nobody saw when');
    }

    public function test_half_of_fresh_seed_is_up_where_its_curve_says(): void
    {
        $pace = UsualPace::ofCounts(5, 14);
        self::assertEqualsWithDelta(0.5, $pace->upBy($pace->halfUp()), 1e-12);
        self::assertEqualsWithDelta(0.6, $pace->upBy(5), 1e-12);
    }

    public function test_a_test_of_no_seeds_is_refused(): void
    {
        $this->expectExceptionMessageMatches('/^The number of seeds in each replicate must be from 1 to /');
        self::laid('onion', ['seeds' => 0]);
    }

    /** @param  array<string, mixed>  $how */
    private static function ended(string $crop, array $how): Diary
    {
        $diary = self::laid($crop, $how);
        $diary->record('test_counted', '2026-06-20', ['test' => 't', 'normal' => [2, 1], 'abnormal' => [0, 0]]);
        $diary->record('test_ended', '2026-06-20 10:00', ['test' => 't']);

        return $diary;
    }

    /** @param  array<string, mixed>  $how */
    private static function laid(string $crop, array $how): Diary
    {
        $diary = new Diary(self::crop($crop));
        $diary->record('picked', '2024-08-20', ['plants' => 20, 'fruits' => 20]);
        $diary->record('threshed', '2024-09-20');
        $diary->record('test_started', '2026-03-01 09:00', ['test' => 't', 'replicates' => 2, 'seeds' => 25, 'temperature_c' => 18, 'method' => 'dish', ...$how]);

        return $diary;
    }

    private static function test(Diary $diary): TestCourse
    {
        return $diary->course()->testing->tests['t'];
    }

    /** @return array<string, string> the day of each task of its tests, the earliest first */
    private static function due(Diary $diary): array
    {
        $due = [];
        foreach ($diary->course()->testing->wants() as $task) {
            $due[$task->kind->value] = $task->best->format('Y-m-d');
        }
        asort($due);

        return $due;
    }
}
