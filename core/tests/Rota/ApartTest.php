<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Rota;

use Marrow\Core\Rota\Apart;
use Marrow\Core\Season\SeasonPlan;
use Marrow\Core\Tests\Support\CoreTestCase;

/** What it asks to keep two lines apart in the year in which both flower, by the plan's own reckoning. */
final class ApartTest extends CoreTestCase
{
    public function test_what_does_not_cross_asks_nothing(): void
    {
        self::assertNull(self::in(20, 12)->two(self::crop('leek'), 20, self::crop('carrot'), 40));
        self::assertSame([0.0, 0, true], self::in(20, 12)->alone(self::crop('leek'), 20));
    }

    public function test_two_that_cross_ask_for_work_in_a_small_garden_and_for_nothing_where_they_stand_far_apart(): void
    {
        $two = self::in(20, 12)->two(self::crop('kale'), 20, self::crop('kale'), 20);
        self::assertNotNull($two);
        self::assertTrue($two->never || $two->hours > 0.0 || $two->cages > 0.0);
        self::assertNull(self::in(2000, 2000)->two(self::crop('kale'), 20, self::crop('kale'), 20));
    }

    public function test_what_a_neighbour_grows_is_paid_for_by_each_line_and_not_by_the_two(): void
    {
        $neighbour = [['id' => 'n', 'name' => 'Over the fence', 'crop' => 'squash-pepo', 'x' => 21, 'y' => 3, 'width' => 2, 'depth' => 2, 'plants' => 6]];
        $with = self::in(20, 12, $neighbour);
        $without = self::in(20, 12);
        [$hours] = $with->alone(self::crop('squash-pepo'), 8);
        self::assertGreaterThan(0.0, $hours);
        self::assertSame(0.0, $without->alone(self::crop('squash-pepo'), 8)[0]);
        $two = static fn (Apart $apart): float => $apart->two(self::crop('squash-pepo'), 8, self::crop('squash-pepo'), 8)->hours ?? 0.0;
        self::assertLessThan($two($without), $two($with), 'both are bagged already');
    }

    /** @param  list<array<string, mixed>>  $sources */
    private static function in(float $width, float $depth, array $sources = []): Apart
    {
        $plan = SeasonPlan::read(['year' => 2027, 'ground' => ['width' => $width, 'depth' => $depth, 'north' => 0, 'wind' => 225, 'last_frost' => '04-30', 'first_frost' => '10-20'], 'isolation' => [], 'beds' => [], 'barriers' => [], 'sources' => $sources, 'plantings' => []], self::crops());

        return new Apart($plan, self::crops(), 2028, 0.5);
    }
}
