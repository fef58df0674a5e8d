<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Season;

use Marrow\Core\Season\PlannedCourse;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Drawing;

/** When a planned planting blooms, ripens and leaves its bed; days counted on a calendar from the crop's middle figures. */
final class PlannedCourseTest extends CoreTestCase
{
    public function test_an_annual_follows_its_sowing(): void
    {
        // Pea: 95 days to bloom at the beginning of February, 55 at the end of May; 83 on 10 March, and two fewer, for frost ends ten days sooner. 30 of bloom, 40 to 60 to ripe.
        $course = self::course('pea', '2027-03-10');
        self::assertTrue($course->followsSowing);
        self::assertSame('2027-05-30', $course->bloom?->first->format('Y-m-d'));
        self::assertSame('2027-06-28', $course->bloom->last->format('Y-m-d'));
        self::assertSame('2027-07-09', $course->ripeFrom?->format('Y-m-d'));
        self::assertSame('2027-08-07', $course->ripeTo?->format('Y-m-d'));
        self::assertSame('2027-08-14', $course->free->format('Y-m-d'));
        self::assertNull($course->frost);
        $later = self::course('pea', '2027-03-20');
        self::assertSame('2027-06-05', $later->bloom?->first->format('Y-m-d'));
    }

    public function test_a_biennial_goes_by_the_year_and_not_by_the_day_of_sowing(): void
    {
        $early = self::course('carrot', '2026-04-05');
        $late = self::course('carrot', '2026-06-20');
        self::assertFalse($early->followsSowing);
        self::assertEquals($early->bloom?->first, $late->bloom?->first);
        self::assertSame('2027', $early->bloom?->first->format('Y'));
        self::assertNull($early->frost, 'it has the next summer to ripen in');
    }

    public function test_what_was_observed_moves_what_follows(): void
    {
        $course = self::course('pea', '2027-03-10', ['first_bloom' => '2027-05-20']);
        self::assertSame('2027-05-20', $course->bloom?->first->format('Y-m-d'));
        self::assertSame('2027-06-29', $course->ripeFrom?->format('Y-m-d'));
        $over = self::course('pea', '2027-03-10', ['first_bloom' => '2027-05-20', 'last_bloom' => '2027-05-30']);
        self::assertSame(11, $over->bloom?->days());
        self::assertSame('2027-07-09', $over->ripeTo?->format('Y-m-d'));
    }

    public function test_a_first_bloom_that_was_seen_takes_the_place_of_a_last_one_that_was_only_planned(): void
    {
        $drawing = (new Drawing(self::crops()))->plant('p', 'squash-pepo', 0, 0, '2027-05-01', ['first_bloom' => '2027-06-20', 'last_bloom' => '2027-07-10']);
        $plan = $drawing->plan();
        $seen = $plan->plantings[0]->with(firstBloom: new \DateTimeImmutable('2027-07-15', new \DateTimeZone('UTC')));
        $course = PlannedCourse::of($seen, $plan->ground);
        self::assertSame('2027-07-15', $course->bloom?->first->format('Y-m-d'));
        self::assertGreaterThan('2027-07-15', $course->bloom->last->format('Y-m-d'));
    }

    public function test_a_seed_crop_that_cannot_ripen_before_frost_is_told_the_latest_sowing_that_would(): void
    {
        // Winter squash sown after May: 55 days to bloom less two, 82 more to ripe; first frost 28 October.
        $course = self::course('squash-maxima', '2027-07-01');
        self::assertSame('2027-10-28', $course->frost?->format('Y-m-d'));
        self::assertSame('2027-06-15', $course->latestSowing?->format('Y-m-d'));
        self::assertNull(self::course('squash-maxima', '2027-06-15')->frost);
        self::assertNotNull(self::course('squash-maxima', '2027-06-16')->frost);
    }

    public function test_a_kind_that_bears_frost_has_some_weeks_more(): void
    {
        self::assertNull(self::course('broad-bean', '2027-06-15')->frost);
    }

    public function test_a_food_crop_has_no_ripe_seed_and_may_have_no_bloom(): void
    {
        $eaten = self::course('lettuce', '2027-04-01', ['purpose' => 'food', 'flowers' => false]);
        self::assertNull($eaten->bloom);
        self::assertNull($eaten->ripeFrom);
        $bolting = self::course('lettuce', '2027-04-01', ['purpose' => 'food', 'flowers' => true]);
        self::assertNotNull($bolting->bloom);
        self::assertNull($bolting->ripeFrom);
    }

    /** @param  array<string, mixed>  $more */
    private static function course(string $crop, string $sow, array $more = []): PlannedCourse
    {
        $plan = (new Drawing(self::crops()))->plant('p', $crop, 0, 0, $sow, $more)->plan();

        return PlannedCourse::of($plan->plantings[0], $plan->ground);
    }
}
