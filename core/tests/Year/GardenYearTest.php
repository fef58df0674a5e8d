<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Year;

use Marrow\Core\Botany\BloomLight;
use Marrow\Core\Season\PlannedCourse;
use Marrow\Core\Season\PlanRemark;
use Marrow\Core\Season\PlanRemarks;
use Marrow\Core\Season\PlanTask;
use Marrow\Core\Season\PlanTaskKind;
use Marrow\Core\Season\PlanTasks;
use Marrow\Core\Season\SeasonPlan;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Settings\SettingList;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Drawing;
use Marrow\Core\Tests\Support\PlotDiary;
use Marrow\Core\Year\Chill;
use Marrow\Core\Year\DayLength;
use Marrow\Core\Year\FrostComes;
use Marrow\Core\Year\GardenYear;
use Marrow\Core\Year\SeedYear;
use Marrow\Core\Year\SowingWindow;
use Marrow\Core\Year\YearTurn;
use PHPUnit\Framework\Attributes\TestWith;

/** Gardens where no spring says when: seasons by rain or by the keeper's own months, cold by the coolest weeks, bloom by the length of days. */
final class GardenYearTest extends CoreTestCase
{
    public function test_a_year_turned_by_any_months_goes_there_and_back(): void
    {
        foreach (range(1, 12) as $inBook) {
            foreach (range(1, 12) as $here) {
                $turn = YearTurn::between($inBook, $here);
                self::assertSame($here, $turn->monthHere($inBook));
                self::assertSame($inBook, $turn->monthInBook($here));
                // What begins within two months of January lies in one year, and is called by it.
                $on = ($here - $inBook + 12) % 12;
                self::assertSame($on >= 3 && $on <= 9, $turn->spansNewYear());
                for ($day = new \DateTimeImmutable('2027-01-03'); $day->format('Y') < '2029'; $day = $day->modify('+17 days')) {
                    self::assertEquals($day, $turn->here($turn->inBook($day)));
                    $season = $turn->season($day);
                    self::assertLessThanOrEqual($day->setTime(9, 0), $turn->begins($season, $day));
                    self::assertGreaterThan($day, $turn->begins($season + 1, $day));
                }
                foreach ([0.0, 3.5, 11.0] as $first) {
                    $begins = $first + $turn->monthsOn($first);
                    self::assertTrue($begins >= 0.0 && $begins < 12.0, "$first");
                    self::assertEqualsWithDelta($turn->partHere($first + 1.0), $begins + 1.0, 1e-9);
                }
            }
        }
    }

    /** By the sine of the sun's height on its rising, of 0.833 degrees below the horizon. */
    #[TestWith([9.0, '2027-06-21', 12.648])]
    #[TestWith([9.0, '2027-12-21', 11.598])]
    #[TestWith([51.0, '2027-06-21', 16.546])]
    #[TestWith([51.0, '2027-12-21', 7.909])]
    #[TestWith([-34.0, '2027-12-21', 14.420])]
    #[TestWith([80.0, '2027-06-21', 24.0])]
    #[TestWith([80.0, '2027-12-21', 0.0])]
    public function test_days_are_as_long_as_the_sun_has_them(float $latitude, string $day, float $hours): void
    {
        self::assertEqualsWithDelta($hours, DayLength::hours($latitude, new \DateTimeImmutable($day)), 0.1, 'within six minutes');
    }

    public function test_days_as_a_crop_wants_them_are_a_stretch_of_the_year_all_of_it_or_none(): void
    {
        $short = new BloomLight(true, 12.0);
        [$from, $to] = DayLength::season($short, 9.0);
        // About the equinoxes, some days after one and before the other, for the sun is seen a little longer than it is up.
        self::assertTrue($from->format('m-d') > '09-22' && $from->format('m-d') < '10-20', $from->format('m-d'));
        self::assertTrue($to->format('m-d') > '02-20' && $to->format('m-d') < '03-21', $to->format('m-d'));
        self::assertSame([true, false], [DayLength::season(new BloomLight(true, 13.0), 9.0), DayLength::season(new BloomLight(false, 13.0), 9.0)]);
        foreach ([-60.0, -34.0, -9.0, 0.0, 9.0, 34.0, 60.0] as $latitude) {
            foreach ([true, false] as $isShort) {
                foreach ([9.0, 11.5, 12.0, 12.5, 14.0] as $hours) {
                    $light = new BloomLight($isShort, $hours);
                    self::assertSame(DayLength::season($light, $latitude) !== false, DayLength::everSuits($light, $latitude), "$latitude $hours");
                    $first = DayLength::suiting($light, $latitude, new \DateTimeImmutable('2027-05-05'));
                    self::assertTrue($first === null || $light->suits(DayLength::hours($latitude, $first)));
                }
            }
        }
    }

    public function test_what_nobody_set_follows_from_where_the_garden_lies(): void
    {
        $of = static fn (array $set): array => array_map((new Practice($set))->word(...), ['frost', 'warm_from', 'cool_from', 'isolation_climate']);
        self::assertSame(['yearly', 'may', 'november', 'temperate'], $of([]));
        self::assertSame(['never', 'may', 'november', 'tropical'], $of(['latitude' => '9']));
        self::assertSame(['never', 'november', 'may', 'tropical'], $of(['latitude' => '-9']));
        self::assertSame(['yearly', 'november', 'may', 'temperate'], $of(['latitude' => '-34']));
        self::assertSame(['rarely', 'march', 'november', 'tropical'], $of(['latitude' => '9', 'frost' => 'rarely', 'warm_from' => 'march']));
        self::assertSame([1, 12], [SettingList::month('january'), SettingList::month('december')]);
    }

    public function test_each_crop_goes_by_its_part_of_the_year(): void
    {
        // Nine degrees north: rains from June on, the cool season from November.
        $year = (new Practice(['latitude' => '9', 'warm_from' => 'june', 'cool_from' => 'november']))->year;
        // By whole days a window begins up to three of them before its month does.
        $months = static fn (string $crop): array => array_map(static fn (SowingWindow $one): string => $one->from->modify('+3 days')->format('Y-m'), SowingWindow::from(self::crop($crop)->growing, $year->shiftOf(self::crop($crop)->growing), new \DateTimeImmutable('2027-02-01'), 1));
        // French bean, May in the book, is sown in June; lettuce, from March on there, in November; carrots wait for a winter and go by the sun.
        self::assertContains('2027-06', $months('french-bean'));
        self::assertContains('2027-11', $months('lettuce'));
        self::assertSame(YearTurn::at(9.0)->months, $year->shiftOf(self::crop('carrot')->growing)->turn->months);
        self::assertSame('2027', $year->shift->turn->called(2027));
        self::assertSame('2027/28', (new Practice(['latitude' => '5', 'warm_from' => 'october']))->year->shift->turn->called(2027));
    }

    public function test_where_frost_comes_every_winter_all_go_by_spring(): void
    {
        foreach (['51', '-38', '34'] as $latitude) {
            $year = (new Practice(['latitude' => $latitude, 'warm_from' => 'october', 'cool_from' => 'january']))->year;
            foreach (self::crops()->all() as $crop) {
                self::assertSame($year->shift, $year->shiftOf($crop->growing));
                self::assertNull($year->shift->latitude, 'bloom is as the book has it');
            }
        }
    }

    #[TestWith([null, 'never', Chill::NotKnown])]
    #[TestWith([null, 'yearly', Chill::Enough])]
    #[TestWith(['24', 'never', Chill::TooWarm])]
    #[TestWith(['13.1', 'rarely', Chill::TooWarm])]
    #[TestWith(['12', 'rarely', Chill::Perhaps])]
    #[TestWith(['9.5', 'never', Chill::Enough])]
    public function test_a_winter_is_cold_enough_by_its_coolest_weeks(?string $coolest, string $frost, Chill $is): void
    {
        $year = (new Practice(array_filter(['latitude' => '9', 'frost' => $frost, 'coolest' => $coolest])))->year;
        self::assertSame($is, $year->chill(self::crop('cabbage')));
        self::assertSame(Chill::Enough, $year->chill(self::crop('tomato')), 'it wants none');
        self::assertSame($is === Chill::TooWarm, $year->cannotBloom(self::crop('cabbage')));
        self::assertFalse($year->cannotBloom(self::crop('tomato')));
    }

    public function test_no_crop_is_said_not_to_bloom_where_it_is_at_home(): void
    {
        foreach (['51', '38', '-38', '-51', '60'] as $latitude) {
            $year = (new Practice(['latitude' => $latitude]))->year;
            foreach (self::crops()->all() as $crop) {
                self::assertFalse($year->cannotBloom($crop), "$crop->key at $latitude");
            }
        }
    }

    public function test_what_goes_by_short_days_blooms_when_they_come(): void
    {
        $year = (new Practice(['latitude' => '9']))->year;
        $crop = self::crop('sweet-potato');
        foreach (['2027-03-01' => '2027-10', '2027-06-10' => '2027-10', '2027-10-10' => '2027-12'] as $planted => $blooms) {
            self::assertSame($blooms, SeedYear::of($crop->growing, new \DateTimeImmutable($planted), $year->shiftOf($crop->growing))->firstBloom->format('Y-m'), $planted);
        }
        // Grown up in the days that it wants, it waits for none.
        self::assertTrue($year->cannotBloom(self::crop('spinach')), 'the longest day there is twelve hours and forty minutes');
        self::assertFalse((new Practice(['latitude' => '34']))->year->cannotBloom(self::crop('spinach')));
    }

    public function test_a_planting_that_cannot_bloom_is_not_looked_for_until_it_did(): void
    {
        $diary = new PlotDiary(self::crop('cabbage'), practice: new Practice(['latitude' => '9', 'coolest' => '24']));
        $diary->record('sown', '2026-11-10', ['plants' => 12]);
        self::assertSame([null, null], [$diary->course()->growing->season(), $diary->course()->growing->ripe()]);
        $diary->insist('first_bloom', '2027-08-01');
        self::assertNotNull($diary->course()->growing->ripe(), 'what was seen, was seen');
    }

    public function test_a_plan_without_frost_ends_no_season_and_says_what_may_not_bloom(): void
    {
        $plan = self::plan(['latitude' => '9', 'coolest' => '24']);
        $kinds = array_map(static fn (PlanRemark $remark): string => $remark->kind->value.' '.$remark->planting?->id, $plan[1]);
        self::assertContains('may_not_bloom cabbage', $kinds);
        self::assertSame([], array_filter($kinds, static fn (string $kind): bool => str_starts_with($kind, 'cannot_ripen') || str_starts_with($kind, 'ripens_late') || str_starts_with($kind, 'out_before')));
        self::assertNull($plan[2]['cabbage']->bloom);
        self::assertGreaterThan(new \DateTimeImmutable('2027-10-28'), $plan[2]['squash']->ripeFrom, 'sown late in July, with nothing to stop it');
        self::assertSame([], array_filter($plan[3], static fn (PlanTask $task): bool => $task->planting->id === 'cabbage' && $task->kind === PlanTaskKind::LookForRipe));
        // The same in the handbook's garden: frost ends it.
        $book = self::plan([]);
        self::assertContains('cannot_ripen squash', array_map(static fn (PlanRemark $remark): string => $remark->kind->value.' '.$remark->planting?->id, $book[1]));
        self::assertNotNull($book[2]['cabbage']->bloom);
    }

    public function test_frost_in_few_winters_ends_nothing_and_is_warned_of(): void
    {
        $plan = self::plan(['latitude' => '30', 'frost' => 'rarely', 'coolest' => '11'], ['last_frost' => '02-10', 'first_frost' => '12-10'], '2027-12-20');
        $kinds = array_map(static fn (PlanRemark $remark): string => $remark->kind->value.' '.$remark->planting?->id, $plan[1]);
        self::assertContains('out_before_frost squash', $kinds);
        self::assertContains('may_not_bloom cabbage', $kinds);
        self::assertNotContains('cannot_ripen squash', $kinds);
        self::assertNotNull($plan[2]['cabbage']->bloom, 'in doubt it is looked for');
    }

    public function test_frosts_of_a_plan_are_those_of_a_garden_that_has_them(): void
    {
        self::assertSame(FrostComes::Never, (new Practice(['latitude' => '9']))->year->withFrosts('04-20', '10-28')->frosts->comes);
        self::assertNull((new GardenYear)->latitude);
    }

    /**
     * @param  array<string, string>  $set
     * @param  array<string, string>  $frosts
     * @return array{SeasonPlan, list<PlanRemark>, array<string, PlannedCourse>, list<PlanTask>}
     */
    private static function plan(array $set, array $frosts = [], string $squash = '2027-07-25'): array
    {
        $plan = (new Drawing(self::crops()))->with('ground', $frosts)->plant('squash', 'squash-moschata', 0, 0, $squash)->plant('cabbage', 'cabbage', 9, 0, '2027-05-10')->plan((new Practice($set))->year);
        $courses = [];
        foreach ($plan->standing() as $planting) {
            $courses[$planting->id] = PlannedCourse::of($planting, $plan->ground);
        }

        return [$plan, PlanRemarks::of($plan, $courses), $courses, PlanTasks::of($plan)];
    }
}
