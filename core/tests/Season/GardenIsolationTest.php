<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Season;

use Marrow\Core\Isolation\Barrier;
use Marrow\Core\Isolation\RiskVerdict;
use Marrow\Core\Season\GardenIsolation;
use Marrow\Core\Season\IsolationStanding;
use Marrow\Core\Season\Rectangle;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Drawing;

/** Isolation over whole gardens; shares worked out in R from x₀·(0.005/x₀)^(d/careful). */
final class GardenIsolationTest extends CoreTestCase
{
    public function test_two_squashes_of_one_species_cross_and_a_third_of_another_does_not(): void
    {
        $garden = GardenIsolation::of(self::draw()
            ->plant('bell', 'squash-pepo', 0, 0)
            ->plant('lead', 'squash-pepo', 32, 0)
            ->plant('ballast', 'squash-moschata', 16, 20)
            ->plan());
        // Edges 30 m apart: 32 less the 2 m that the first is wide.
        self::assertEqualsWithDelta(0.5013972569, self::standing($garden, 'bell')->share, 1e-9);
        self::assertSame(RiskVerdict::Act, self::standing($garden, 'bell')->verdict);
        self::assertSame(RiskVerdict::Act, self::standing($garden, 'lead')->verdict);
        self::assertSame(0.0, self::standing($garden, 'ballast')->share);
        self::assertSame(RiskVerdict::Clear, self::standing($garden, 'ballast')->verdict);
        self::assertSame(['bell', 'lead', 'ballast'], array_map(static fn (IsolationStanding $s): string => $s->planting->id, $garden->standings), 'the most at risk first');
    }

    public function test_a_neighbour_behind_a_hedge_adds_to_what_is_near(): void
    {
        $garden = GardenIsolation::of(self::draw()
            ->plant('keel', 'carrot', 10, 0, '2027-05-15', ['plants' => 20])
            ->plant('other', 'carrot', 17, 0, '2027-05-15', ['plants' => 20, 'variety' => 'other'])
            ->source('wild', 'wild-carrot', 152, 0.5, 200)
            ->hedge(100, -10, 100, 10)
            ->plan());
        $keel = self::standing($garden, 'keel');
        // 5 m: 0.77502; 140 m: 0.3 × …; together 1 − Π(1 − s).
        self::assertEqualsWithDelta(0.7972365125, $keel->share, 1e-9);
        self::assertSame(Barrier::Hedge, $keel->risks[1]->barrier);
        self::assertSame(140.0, $keel->risks[1]->distance);
        self::assertFalse($keel->risks[1]->source->isOurs);
    }

    public function test_the_same_variety_twice_is_no_foreign_pollen(): void
    {
        $garden = GardenIsolation::of(self::draw()
            ->plant('a', 'leek', 0, 0, '2027-03-01', ['variety' => 'Estuary Blue'])
            ->plant('b', 'leek', 10, 0, '2027-03-20', ['variety' => 'Estuary Blue'])
            ->plan());
        self::assertSame(0.0, self::standing($garden, 'a')->share);
    }

    public function test_a_food_planting_counts_only_if_it_may_flower(): void
    {
        $share = static fn (bool $flowers): float => self::standing(GardenIsolation::of(self::draw()
            ->plant('kept', 'lettuce', 0, 0, '2027-03-20')
            ->plant('eaten', 'lettuce', 4, 0, '2027-03-20', ['purpose' => 'food', 'flowers' => $flowers])
            ->plan()), 'kept')->share;
        self::assertSame(0.0, $share(false));
        self::assertGreaterThan(0.0, $share(true));
    }

    public function test_what_is_left_out_or_caged_gives_nothing_and_what_is_bagged_still_does(): void
    {
        $share = static fn (array $more): float => self::standing(GardenIsolation::of(self::draw()
            ->plant('kept', 'squash-pepo', 0, 0)
            ->plant('other', 'squash-pepo', 10, 0, more: $more)
            ->plan()), 'kept')->share;
        self::assertSame(0.0, $share(['out' => true]));
        self::assertSame(0.0, $share(['cover' => 'caged']));
        self::assertGreaterThan(0.5, $share(['cover' => 'bagged']));
        self::assertGreaterThan(0.5, $share([]));
    }

    public function test_two_cages_on_alternate_days_keep_each_other_out_but_nobody_else(): void
    {
        $garden = GardenIsolation::of(self::draw()
            ->plant('a', 'squash-pepo', 0, 0, more: ['cover' => 'alternate'])
            ->plant('b', 'squash-pepo', 4, 0, more: ['cover' => 'alternate'])
            ->plan());
        self::assertSame(0.0, self::standing($garden, 'a')->share);
        $third = GardenIsolation::of(self::draw()
            ->plant('a', 'squash-pepo', 0, 0, more: ['cover' => 'alternate'])
            ->plant('b', 'squash-pepo', 4, 0, more: ['cover' => 'alternate'])
            ->plant('c', 'squash-pepo', 30, 0)
            ->plan());
        self::assertSame(RiskVerdict::Act, self::standing($third, 'a')->verdict);
        self::assertCount(1, self::standing($third, 'a')->risks);
    }

    public function test_mixing_on_purpose_turns_the_warning_into_information(): void
    {
        $garden = GardenIsolation::of(self::draw()
            ->plant('mix', 'squash-pepo', 0, 0, more: ['mixing' => true])
            ->plant('bell', 'squash-pepo', 10, 0)
            ->plan());
        self::assertTrue(self::standing($garden, 'mix')->isInformation);
        self::assertFalse(self::standing($garden, 'bell')->isInformation);
        self::assertSame('bell', $garden->standings[0]->planting->id, 'information stands after what is at risk');
    }

    public function test_bloom_that_does_not_overlap_does_not_cross(): void
    {
        $garden = GardenIsolation::of(self::draw()
            ->plant('early', 'radish', 0, 0, '2027-03-01')
            ->plant('late', 'radish', 3, 0, '2027-04-30')
            ->plan());
        // Radish blooms 27 days; from 18 May the one, from 26 June the other.
        self::assertSame(0.0, self::standing($garden, 'early')->share);
        self::assertSame([], self::standing($garden, 'late')->risks);
    }

    public function test_distance_is_between_the_nearest_edges(): void
    {
        $a = new Rectangle(0, 0, 2, 1);
        self::assertSame(5.0, $a->distanceTo(new Rectangle(5, 5, 1, 1)));
        self::assertSame(3.0, $a->distanceTo(new Rectangle(5, 0, 1, 1)));
        self::assertSame(0.0, $a->distanceTo(new Rectangle(1, 0.5, 9, 9)));
        self::assertSame(4.0, $a->distanceTo(new Rectangle(0, -5, 1, 1)));
        self::assertFalse($a->overlaps(new Rectangle(2, 0, 1, 1)), 'touching is not overlapping');
    }

    private static function draw(): Drawing
    {
        return new Drawing(self::crops());
    }

    private static function standing(GardenIsolation $garden, string $id): IsolationStanding
    {
        return $garden->standingOf($id) ?? self::fail("$id is not kept for seed.");
    }
}
