<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Season;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Season\Rectangle;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Drawing;
use PHPUnit\Framework\Attributes\DataProvider;

final class RectangleTest extends CoreTestCase
{
    /** @param  array{float, float}  $expected  m */
    #[DataProvider('layouts')]
    public function test_ground_for_plants(?float $width, ?float $depth, int $plants, float $spacing, array $expected): void
    {
        $spot = Rectangle::forPlants(1, 2, $width, $depth, $plants, $spacing);
        self::assertEqualsWithDelta($expected, [$spot->width, $spot->depth], 1e-9);
        self::assertSame([1.0, 2.0], [$spot->x, $spot->y]);
    }

    /** @return iterable<string, array{?float, ?float, int, float, array{float, float}}> */
    public static function layouts(): iterable
    {
        yield 'as drawn, whether they fit or not' => [2, 1, 600, 0.5, [2, 1]];
        yield 'one plant' => [null, null, 1, 1.2, [1.2, 1.2]];
        yield 'a single row of twelve' => [null, 0.45, 12, 0.45, [5.4, 0.45]];
        yield 'rows as deep as the bed: 1.2 m takes four at 30 cm, thirty need eight of them' => [null, 1.2, 30, 0.3, [2.4, 1.2]];
        yield 'as deep as a width of 2 m needs: eight a row, four rows' => [2, null, 32, 0.25, [2, 1]];
        yield 'a depth that takes not even one still takes one row' => [null, 0.1, 5, 0.5, [2.5, 0.1]];
        yield 'neither: as square as it goes, three by four' => [null, null, 12, 1, [4, 3]];
    }

    public function test_the_plants_always_fit_ground_that_was_laid_out_for_them(): void
    {
        for ($plants = 1; $plants <= 400; $plants++) {
            foreach ([0.03, 0.25, 0.3, 1.2] as $spacing) {
                self::assertGreaterThanOrEqual($plants, Rectangle::forPlants(0, 0, null, null, $plants, $spacing)->holds($spacing), "$plants at $spacing");
                self::assertGreaterThanOrEqual($plants, Rectangle::forPlants(0, 0, null, 1.2, $plants, $spacing)->holds($spacing), "$plants at $spacing, 1.2 deep");
                self::assertGreaterThanOrEqual($plants, Rectangle::forPlants(0, 0, 0.9, null, $plants, $spacing)->holds($spacing), "$plants at $spacing, 0.9 wide");
            }
        }
    }

    public function test_a_planting_without_sides_is_laid_out_at_its_crops_spacing(): void
    {
        // Leeks for seed stand 25 cm apart: four by five.
        $plan = $this->draw()->plant('p', 'leek', 3, 4, '2027-03-10', ['plants' => 20, 'spot' => ['x' => 3, 'y' => 4, 'width' => '', 'depth' => null]])->plan();
        self::assertEquals(new Rectangle(3, 4, 1.25, 1), $plan->plantings[0]->spot);
    }

    public function test_what_needs_more_ground_than_there_is_lies_outside_the_garden(): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage('It lies outside the garden, which is 60 by 40 m.');
        $this->draw()->plant('p', 'squash-maxima', 0, 0, '2027-05-10', ['plants' => 5000, 'spot' => ['x' => 0, 'y' => 0]])->plan();
    }

    private function draw(): Drawing
    {
        return new Drawing(self::crops());
    }
}
