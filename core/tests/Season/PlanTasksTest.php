<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Season;

use DateTimeImmutable;
use Marrow\Core\Season\Grown;
use Marrow\Core\Season\PlannedPlanting;
use Marrow\Core\Season\PlanTask;
use Marrow\Core\Season\PlanTaskKind;
use Marrow\Core\Season\PlanTasks;
use Marrow\Core\Season\SeasonPlan;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Drawing;

/** What a plan asks to be done and when; days counted on a calendar from the crop's middle figures. */
final class PlanTasksTest extends CoreTestCase
{
    public function test_an_annual_for_seed_from_sowing_to_an_empty_bed(): void
    {
        // Pea: 83 days to bloom so early in its months, two fewer with frost ten days sooner; 30 of bloom, 40 to the first ripe seed; a week to clear the bed.
        self::assertSame([
            'sow 2027-03-10',
            'look_over 2027-05-16 to 2027-05-29',
            'watch_bloom 2027-05-23 to 2027-05-30',
            'look_for_ripe 2027-07-09 to 2027-08-07',
            'clear_bed 2027-08-14',
        ], self::work(self::draw()->plant('p', 'pea', 0, 0, '2027-03-10')->plan()));
    }

    public function test_what_is_raised_under_cover_is_planted_out(): void
    {
        $work = self::work(self::draw()->plant('p', 'squash-pepo', 0, 0, '2027-04-28', ['plant_out' => '2027-05-24'])->plan());
        self::assertContains('plant_out 2027-05-24', $work);
        self::assertSame('sow 2027-04-28', $work[0]);
    }

    public function test_roots_are_lifted_looked_over_and_put_out_again(): void
    {
        // First frost 28 October; carrots go out again in March and April, five days sooner where frost ends on the 20th.
        $work = self::work(self::draw()->plant('p', 'carrot', 0, 0, '2026-06-08', ['lifted' => true])->plan());
        self::assertContains('lift 2026-10-14 to 2026-10-28', $work);
        self::assertContains('sort 2027-01-15 to 2027-01-29', $work);
        self::assertContains('replant 2027-02-24 to 2027-04-25', $work);
        self::assertSame($work, array_values(array_filter($work)), 'in order of time');
        $left = self::work(self::draw()->plant('p', 'carrot', 0, 0, '2026-06-08')->plan());
        self::assertSame([], array_filter($left, static fn (string $task): bool => str_starts_with($task, 'lift')));
        // Nothing of an annual is lifted, whatever is ticked.
        self::assertNotContains('sort 2028-01-15 to 2028-01-29', self::work(self::draw()->plant('p', 'pea', 0, 0, '2027-03-10', ['lifted' => true])->plan()));
    }

    public function test_a_cage_is_up_three_days_before_bloom_and_what_needs_hands_gets_them(): void
    {
        // Squash: 60 days to bloom half through its months, two fewer for frost that ends ten days sooner.
        $caged = self::work(self::draw()->plant('p', 'squash-pepo', 0, 0, '2027-05-01', ['cover' => 'caged', 'plants' => 10])->plan());
        self::assertContains('cover_up 2027-06-25 to 2027-06-28', $caged);
        self::assertContains('pollinate 2027-06-28 to 2027-07-02', $caged, 'half as many mornings as plants');
        $selfer = self::work(self::draw()->plant('p', 'tomato', 0, 0, '2027-03-15', ['cover' => 'caged'])->plan());
        self::assertSame([], array_filter($selfer, static fn (string $task): bool => str_starts_with($task, 'pollinate')), 'a tomato pollinates itself');
        $bagged = self::work(self::draw()->plant('p', 'tomato', 0, 0, '2027-03-15', ['cover' => 'bagged', 'plants' => 2])->plan());
        self::assertSame([], array_filter($bagged, static fn (string $task): bool => str_starts_with($task, 'pollinate')), 'in a bag too');
        $pepo = self::work(self::draw()->plant('p', 'squash-pepo', 0, 0, '2027-03-15', ['cover' => 'bagged', 'plants' => 2])->plan());
        self::assertCount(1, array_filter($pepo, static fn (string $task): bool => str_starts_with($task, 'pollinate')));
        // Nobody pollinates the florets of a beet by hand; under cloth its stems are shaken.
        foreach (['caged' => [], 'bagged' => [], 'cloth' => ['shake']] as $cover => $work) {
            $beet = self::work(self::draw()->plant('p', 'beetroot', 0, 0, '2026-06-15', ['cover' => $cover])->plan());
            self::assertSame($work, array_values(array_unique(array_map(static fn (string $task): string => explode(' ', $task)[0], array_filter($beet, static fn (string $task): bool => preg_match('/^(pollinate|shake)/', $task) === 1)))), $cover);
        }
    }

    public function test_alternating_cages_are_changed_over_all_through_bloom(): void
    {
        $plan = self::draw()->plant('p', 'squash-pepo', 0, 0, '2027-05-01', ['cover' => 'alternate'])->plan();
        self::assertContains('change_cages 2027-06-28 to 2027-08-21', self::work($plan));
        self::assertTrue(PlanTaskKind::ChangeCages->isDaily());
        self::assertFalse(PlanTaskKind::Lift->isDaily());
    }

    public function test_food_has_no_seed_work_and_what_is_left_out_none_at_all(): void
    {
        $food = self::work(self::draw()->plant('p', 'lettuce', 0, 0, '2027-04-01', ['purpose' => 'food', 'flowers' => false])->plan());
        self::assertSame(['sow 2027-04-01', 'clear_bed 2027-08-07'], $food);
        self::assertSame([], self::work(self::draw()->plant('p', 'lettuce', 0, 0, '2027-04-01', ['out' => true])->plan()));
    }

    public function test_bloom_that_has_been_seen_needs_no_watching_for(): void
    {
        $work = self::work(self::draw()->plant('p', 'pea', 0, 0, '2027-03-10', ['first_bloom' => '2027-05-20'])->plan());
        self::assertSame(['sow 2027-03-10', 'look_for_ripe 2027-06-29 to 2027-07-28', 'clear_bed 2027-08-04'], $work);
    }

    public function test_the_work_of_several_stands_in_order_of_time(): void
    {
        $days = array_map(static fn (PlanTask $task): string => $task->on->format('Y-m-d'), PlanTasks::of(
            self::draw()->plant('a', 'pea', 0, 0, '2027-03-10')->plant('b', 'leek', 5, 0, '2026-03-10', ['lifted' => true])->plant('c', 'squash-pepo', 10, 0, '2027-05-01')->plan(),
        ));
        $sorted = $days;
        sort($sorted);
        self::assertSame($sorted, $days);
    }

    public function test_what_is_not_done_in_time_is_asked_for_no_longer(): void
    {
        $lapses = static fn (SeasonPlan $plan): array => array_map(static fn (PlanTask $task): ?string => $task->lapses?->format('Y-m-d'), array_column(array_map(static fn (PlanTask $task): array => [$task->kind->value, $task], PlanTasks::of($plan)), 1, 0));
        $pea = $lapses(self::draw()->plant('p', 'pea', 0, 0, '2027-03-10')->plan());
        // Peas are sown until the end of May; they bloom three weeks and more from 30 May.
        self::assertSame('2027-05-31', $pea['sow']);
        self::assertGreaterThan('2027-06-20', $pea['watch_bloom']);
        self::assertNull($pea['unsown'], 'it stays until somebody says what becomes of it');
        $late = $lapses(self::draw()->plant('p', 'pea', 0, 0, '2027-06-05')->plan());
        self::assertSame('2027-06-30', $late['sow'], 'planned late it has its month');
        $carrot = $lapses(self::draw()->plant('p', 'carrot', 0, 0, '2026-06-08', ['lifted' => true])->plan());
        self::assertSame(['2027-02-23', '2027-02-24', '2027-05-25'], [$carrot['lift'], $carrot['sort'], $carrot['replant']]);
    }

    public function test_sown_late_everything_is_later_and_what_was_picked_asks_for_nothing_but_its_bed(): void
    {
        $plan = self::draw()->plant('p', 'pea', 0, 0, '2027-03-10', ['cover' => 'caged'])->plan();
        $sown = $plan->withPlantings(array_map(static fn (PlannedPlanting $planting): PlannedPlanting => $planting->with(sownAt: new DateTimeImmutable('2027-04-10')), $plan->plantings));
        $on = static fn (SeasonPlan $plan, string $kind): string => array_values(array_filter(self::work($plan), static fn (string $task): bool => str_starts_with($task, $kind)))[0];
        self::assertGreaterThan($on($plan, 'watch_bloom'), $on($sown, 'watch_bloom'));
        self::assertGreaterThan($on($plan, 'clear_bed'), $on($sown, 'clear_bed'));
        $picked = PlanTasks::of($plan, ['p' => new Grown(sownAt: new DateTimeImmutable('2027-03-10'), isPicked: true)]);
        self::assertSame(['clear_bed'], array_map(static fn (PlanTask $task): string => $task->kind->value, $picked));
    }

    /** @return list<string> */
    private static function work(SeasonPlan $plan): array
    {
        return array_map(
            static fn (PlanTask $task): string => $task->kind->value.' '.$task->on->format('Y-m-d').($task->until === null ? '' : ' to '.$task->until->format('Y-m-d')),
            array_values(array_filter(PlanTasks::of($plan), static fn (PlanTask $task): bool => $task->kind !== PlanTaskKind::Unsown)),
        );
    }

    private static function draw(): Drawing
    {
        return new Drawing(self::crops());
    }
}
