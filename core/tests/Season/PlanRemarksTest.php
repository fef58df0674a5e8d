<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Season;

use Marrow\Core\Season\GardenIsolation;
use Marrow\Core\Season\PlanRemark;
use Marrow\Core\Season\PlanRemarkKind;
use Marrow\Core\Season\PlanRemarks;
use Marrow\Core\Season\PlanTask;
use Marrow\Core\Season\PlanTasks;
use Marrow\Core\Season\PlantsNeeded;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Drawing;

/** What is allowed in a plan but worth saying, and how many plants it takes. */
final class PlanRemarksTest extends CoreTestCase
{
    public function test_nothing_is_said_of_a_plan_that_is_well(): void
    {
        self::assertSame([], self::remarks(self::draw()->bed('a', 0, 0, 5, 2)->bed('b', 5, 0, 5, 2)->plant('p', 'pea', 0, 0, '2027-03-10', ['plants' => 40])));
    }

    public function test_beds_that_overlap_are_named(): void
    {
        $remarks = self::remarks(self::draw()->bed('long', 0, 0, 5, 2)->bed('herbs', 4, 1, 5, 2));
        self::assertCount(1, $remarks);
        self::assertSame([PlanRemarkKind::BedsOverlap, 'long', 'herbs'], [$remarks[0]->kind, $remarks[0]->here, $remarks[0]->with]);
    }

    public function test_plants_that_do_not_fit_are_told_how_many_would(): void
    {
        // A spot of 2 by 1 m; leeks for seed at 25 cm: eight by four.
        $remark = self::only(self::draw()->plant('p', 'leek', 0, 0, '2027-03-10', ['plants' => 33]), PlanRemarkKind::DoNotFit);
        self::assertSame(32, $remark->figure);
        self::assertSame([], self::of(self::draw()->plant('p', 'leek', 0, 0, '2027-03-10', ['plants' => 32]), PlanRemarkKind::DoNotFit));
        self::assertSame([], self::of(self::draw()->plant('p', 'leek', 0, 0, '2027-03-10', ['plants' => 200, 'purpose' => 'food']), PlanRemarkKind::DoNotFit), 'food stands closer');
    }

    public function test_two_on_the_same_ground_are_told_of_only_when_at_the_same_time(): void
    {
        $both = self::draw()->plant('early', 'pea', 0, 0, '2027-03-10', ['plants' => 40])->plant('late', 'pea', 1, 0, '2027-04-10', ['plants' => 40, 'variety' => 'late']);
        self::assertSame('late', self::only($both, PlanRemarkKind::SpotsOverlap)->with);
        // The peas are off the ground by 14 August.
        $after = self::draw()->plant('early', 'pea', 0, 0, '2027-03-10', ['plants' => 40])->plant('late', 'lettuce', 1, 0, '2027-08-20', ['purpose' => 'food', 'flowers' => false]);
        self::assertSame([], self::of($after, PlanRemarkKind::SpotsOverlap));
    }

    public function test_frost_at_either_end_of_the_season(): void
    {
        $late = self::only(self::draw()->plant('p', 'squash-maxima', 0, 0, '2027-07-10'), PlanRemarkKind::CannotRipen);
        self::assertSame('2027-06-15', $late->day?->format('Y-m-d'));
        $early = self::only(self::draw()->plant('p', 'squash-pepo', 0, 0, '2027-03-25', ['plant_out' => '2027-04-10']), PlanRemarkKind::OutBeforeFrost);
        self::assertSame('2027-04-20', $early->day?->format('Y-m-d'));
        self::assertSame([], self::of(self::draw()->plant('p', 'squash-pepo', 0, 0, '2027-04-01', ['plant_out' => '2027-05-10']), PlanRemarkKind::OutBeforeFrost));
        self::assertSame([], self::of(self::draw()->plant('p', 'pea', 0, 0, '2027-03-10'), PlanRemarkKind::OutBeforeFrost), 'peas bear frost');
    }

    public function test_seed_of_two_years_that_ripens_late_is_told_of_too(): void
    {
        // Leek blooms in the second half of July; in the north three weeks later, and frost comes five weeks sooner.
        $south = self::draw()->plant('p', 'leek', 0, 0, '2026-03-20');
        self::assertSame([], [...self::of($south, PlanRemarkKind::RipensLate), ...self::of($south, PlanRemarkKind::CannotRipen)]);
        $north = self::draw()->with('ground', ['last_frost' => '05-25', 'first_frost' => '09-20'])->plant('p', 'leek', 0, 0, '2026-03-20');
        self::assertSame('2027-09-20', self::only($north, PlanRemarkKind::RipensLate)->day?->format('Y-m-d'));
        $arctic = self::draw()->with('ground', ['last_frost' => '06-20', 'first_frost' => '08-20'])->plant('p', 'leek', 0, 0, '2026-03-20');
        self::assertNull(self::only($arctic, PlanRemarkKind::CannotRipen)->day, 'sowing sooner does not help what blooms by the calendar');
    }

    public function test_a_tender_crop_that_stands_out_before_the_last_frost_is_told_so_whenever_it_was_sown(): void
    {
        foreach ([['2026-12-20', '2027-03-01'], ['2027-01-10', '2027-03-01'], ['2027-03-29', null], ['2027-02-01', null]] as [$sow, $out]) {
            $early = self::draw()->plant('p', 'squash-pepo', 0, 0, $sow, $out === null ? [] : ['plant_out' => $out]);
            self::assertSame('2027-04-20', self::only($early, PlanRemarkKind::OutBeforeFrost)->day?->format('Y-m-d'), "$sow, out ".($out ?? 'where it stands'));
        }
        $winter = self::draw()->plant('p', 'squash-pepo', 0, 0, '2026-12-20', ['plant_out' => '2026-12-28']);
        self::assertSame('2027-04-20', self::only($winter, PlanRemarkKind::OutBeforeFrost)->day?->format('Y-m-d'), 'after the first frost of autumn the next spring counts');
    }

    public function test_a_cage_opened_in_turn_wants_another_to_take_turns_with(): void
    {
        $alone = self::draw()->plant('p', 'squash-pepo', 0, 0, more: ['cover' => 'alternate'])->plant('q', 'squash-maxima', 9, 0, more: ['cover' => 'alternate'])->plant('r', 'squash-maxima', 18, 0, more: ['cover' => 'alternate']);
        self::assertSame('p', self::only($alone, PlanRemarkKind::NoTurns)->planting?->id);
    }

    public function test_too_few_parents_are_told_how_many_keep_a_variety(): void
    {
        self::assertSame(20, self::only(self::draw()->plant('p', 'carrot', 0, 0, '2026-06-01', ['plants' => 12]), PlanRemarkKind::TooFewParents)->figure);
        self::assertSame([], self::of(self::draw()->plant('p', 'carrot', 0, 0, '2026-06-01', ['plants' => 20]), PlanRemarkKind::TooFewParents));
    }

    public function test_one_pot_plant_that_wants_another_is_told_so(): void
    {
        $pot = ['cover' => 'glass', 'plants' => 1];
        foreach (['tropical-pitcher' => 1, 'asparagus' => 1, 'venus-flytrap' => 0, 'sundew' => 0] as $crop => $told) {
            self::assertCount($told, self::of(self::draw()->plant('p', $crop, 0, 0, '2027-04-01', $pot), PlanRemarkKind::WantsAnother), $crop);
            self::assertSame([], self::of(self::draw()->plant('p', $crop, 0, 0, '2027-04-01', ['plants' => 2]), PlanRemarkKind::WantsAnother), "two of $crop");
        }
    }

    public function test_glass_keeps_insects_out_and_no_wind_and_wants_hands(): void
    {
        $tasks = static fn (Drawing $drawing): array => array_map(static fn (PlanTask $task): string => $task->kind->value, PlanTasks::of($drawing->plan()));
        $flytrap = self::draw()->plant('p', 'venus-flytrap', 0, 0, '2024-04-01', ['cover' => 'glass'])->plant('q', 'venus-flytrap', 3, 0, '2024-04-01');
        self::assertContains('pollinate', $tasks($flytrap));
        $standing = array_find(GardenIsolation::of($flytrap->plan())->standings, static fn ($one): bool => $one->planting->id === 'p');
        self::assertSame(0.0, $standing?->share, 'nothing flies in');
        self::assertCount(1, self::of(self::draw()->plant('p', 'spinach', 0, 0, '2027-03-20', ['cover' => 'glass']), PlanRemarkKind::LetsThrough), 'the wind does');
    }

    public function test_what_is_left_out_is_not_spoken_of(): void
    {
        self::assertSame([], self::remarks(self::draw()->plant('p', 'squash-maxima', 0, 0, '2027-07-10', ['out' => true, 'plants' => 400])));
    }

    public function test_how_many_plants_it_takes_for_the_seed_and_for_what_is_rare(): void
    {
        $plan = self::draw()->plant('p', 'leek', 0, 0, '2027-03-10', ['plants' => 20, 'seeds_wanted' => 3000])->plan();
        $needed = PlantsNeeded::of($plan->plantings[0]);
        // √(200·1200) = 489.9 seeds of a plant, so 3000 take 6.1: seven plants.
        self::assertSame(7, $needed->forSeed);
        self::assertSame(20, $needed->forVariety);
        self::assertSame(32, $needed->fits);
        // 82.5 % of its seed has foreign pollen: 1.825 copies a plant. R: 1-.95^(20*1.825).
        self::assertEqualsWithDelta(0.846216, $needed->kept, 1e-6);
        $none = PlantsNeeded::of(self::draw()->plant('p', 'leek', 0, 0, '2027-03-10')->plan()->plantings[0]);
        self::assertNull($none->forSeed);
    }

    private static function only(Drawing $drawing, PlanRemarkKind $kind): PlanRemark
    {
        $remarks = self::of($drawing, $kind);
        self::assertCount(1, $remarks);

        return $remarks[0];
    }

    /** @return list<PlanRemark> */
    private static function of(Drawing $drawing, PlanRemarkKind $kind): array
    {
        return array_values(array_filter(self::remarks($drawing), static fn (PlanRemark $remark): bool => $remark->kind === $kind));
    }

    /** @return list<PlanRemark> */
    private static function remarks(Drawing $drawing): array
    {
        $plan = $drawing->plan();

        return PlanRemarks::of($plan, GardenIsolation::of($plan)->courses);
    }

    private static function draw(): Drawing
    {
        return new Drawing(self::crops());
    }
}
