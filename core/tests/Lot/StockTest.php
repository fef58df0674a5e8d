<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Cleaning\SeedMass;
use Marrow\Core\Steps\Stock\Stock;
use Marrow\Core\Tests\Support\CoreTestCase;

/** How much seed there is. */
final class StockTest extends CoreTestCase
{
    public function test_without_a_sample_a_weight_is_turned_into_seeds_by_the_crops_ordinary_mass_and_called_rough(): void
    {
        $stock = new Stock(self::crop('pea'));
        $stock->filled(50.0, null);
        self::assertSixDigits(50.0 * 1000 / self::crop('pea')->ordinaryTsm(), $stock->seeds());
        self::assertTrue($stock->isRough());
        self::assertFalse($stock->isCounted());
    }

    public function test_a_count_and_a_weight_give_the_lots_own_seed_mass(): void
    {
        $stock = new Stock(self::crop('pea'));
        $stock->filled(50.0, 200);
        self::assertSixDigits(250.0, $stock->tsm());
        self::assertTrue($stock->tsmIsOfThisLot());
        $stock->take(40, 10.0);
        self::assertSame(160.0, $stock->seeds());
        self::assertSixDigits(40.0, $stock->grams());
    }

    public function test_moved_and_weighed_again_it_is_still_what_was_counted(): void
    {
        $stock = new Stock(self::crop('tomato'));
        $stock->filled(10.8, 3600);
        $stock->filled(10.9, null);
        self::assertSame(3600.0, $stock->seeds(), 'another scale, the same seed');
        self::assertTrue($stock->isCounted());
        $stock->filled(5.4, null);
        self::assertSixDigits(1800.0, $stock->seeds(), 'half the weight, by the mass of its own seed');
        self::assertFalse($stock->isCounted());
        self::assertTrue($stock->tsmIsOfThisLot());
    }

    public function test_a_sample_corrects_a_guess(): void
    {
        $stock = new Stock(self::crop('pea'));
        $stock->filled(50.0, null);
        $stock->sample = SeedMass::of(100, [20.0, 20.0]);
        self::assertSixDigits(250.0, $stock->seeds());
        self::assertFalse($stock->isRough());
    }

    public function test_a_count_from_an_ordinary_mass_may_be_half_as_many_again(): void
    {
        $stock = new Stock(self::crop('pea'));
        $stock->filled(50.0, null);
        $about = (float) $stock->seeds();
        self::assertTrue($stock->suffices($about * 1.5));
        self::assertFalse($stock->suffices($about * 1.5 + 1));
        $counted = new Stock(self::crop('pea'));
        $counted->filled(null, 12);
        self::assertTrue($counted->suffices(12));
        self::assertFalse($counted->suffices(13));
    }

    public function test_there_is_never_less_than_none(): void
    {
        $stock = new Stock(self::crop('pea'));
        $stock->filled(null, 12);
        $stock->take(13, 3.0);
        self::assertSame(0.0, $stock->seeds());
        self::assertTrue($stock->isUsedUp());
    }

    public function test_what_nobody_has_counted_cannot_run_out(): void
    {
        $stock = new Stock(self::crop('pea'));
        self::assertFalse($stock->isKnown());
        self::assertNull($stock->seeds());
        self::assertTrue($stock->suffices(50));
        $stock->take(50, 10);
        self::assertNull($stock->seeds());
        self::assertFalse($stock->isUsedUp());
    }
}
