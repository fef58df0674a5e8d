<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Course;

use Marrow\Core\Cleaning\SeedMass;
use Marrow\Core\Course\Stock;
use Marrow\Core\Journal\EntryRefused;
use Marrow\Core\Tests\Support\CoreTestCase;

final class StockTest extends CoreTestCase
{
    public function test_a_weight_alone_is_counted_roughly_by_the_crops_ordinary_seed(): void
    {
        $stock = new Stock(self::crop('tomato'));
        $stock->filled(10.0, null);
        // √(2.5 × 4.0) = 3.162 g a thousand.
        self::assertSixDigits(3.16227766, $stock->tsm());
        self::assertSixDigits(3162.27766, $stock->seeds());
        self::assertTrue($stock->isRough());
        self::assertFalse($stock->isCounted());
        self::assertFalse($stock->tsmIsOfThisLot());
    }

    public function test_a_weighed_sample_replaces_the_ordinary_seed(): void
    {
        $stock = new Stock(self::crop('tomato'));
        $stock->filled(10.0, null);
        $stock->sampled(SeedMass::of(100, [0.25]));
        self::assertSixDigits(4000, $stock->seeds());
        self::assertFalse($stock->isRough());
        self::assertFalse($stock->isCounted(), 'weighed samples are not a count of the lot');
    }

    public function test_a_count_and_a_weight_give_the_seed_mass(): void
    {
        $stock = new Stock(self::crop('tomato'));
        $stock->filled(9.0, 3000);
        self::assertSixDigits(3.0, $stock->tsm());
        self::assertTrue($stock->isCounted());
        $stock->takeSeeds(1000, 'seeds');
        self::assertSixDigits(2000, $stock->seeds());
        self::assertSixDigits(6.0, $stock->grams());
        $stock->takeGrams(3.0, 'mass_g');
        self::assertSixDigits(1000, $stock->seeds());
        self::assertSixDigits(3.0, $stock->tsm(), 'taking some does not change what one weighs');
    }

    public function test_a_rough_count_may_be_overdrawn_by_half_but_no_more_and_never_below_nothing(): void
    {
        $stock = new Stock(self::crop('tomato'));
        $stock->filled(1.0, null);
        $there = (int) floor((float) $stock->seeds());
        self::assertSame(316, $there);
        $this->assertRefused(static fn () => $stock->takeSeeds(475, 'seeds'), 'Only about 316 seeds left; 475 seeds cannot be taken.');
        $stock->takeSeeds(470, 'seeds');
        self::assertSame(0.0, $stock->seeds());
        self::assertSame(0.0, $stock->grams());
    }

    public function test_a_known_count_cannot_be_overdrawn_by_one(): void
    {
        $stock = new Stock(self::crop('pea'));
        $stock->filled(null, 12);
        $this->assertRefused(static fn () => $stock->takeSeeds(13, 'seeds'), 'Only 12 seeds left');
        $stock->takeSeeds(12, 'seeds');
        self::assertSame(0.0, $stock->seeds());
        $this->assertRefused(static fn () => $stock->takeSeeds(1, 'seeds'), 'Only 0 seeds left');
    }

    public function test_a_known_weight_cannot_be_overdrawn(): void
    {
        $stock = new Stock(self::crop('pea'));
        $stock->filled(50.0, null);
        $this->assertRefused(static fn () => $stock->takeGrams(50.1, 'mass_g'), 'Only 50 g left');
        $stock->takeGrams(50.0, 'mass_g');
        self::assertSame(0.0, $stock->grams());
    }

    public function test_what_nobody_has_counted_cannot_run_out(): void
    {
        $stock = new Stock(self::crop('pea'));
        self::assertFalse($stock->isKnown());
        self::assertNull($stock->seeds());
        self::assertNull($stock->grams());
        $stock->takeSeeds(50, 'seeds');
        self::assertNull($stock->seeds());
    }

    public function test_neither_a_count_nor_a_weight_is_refused(): void
    {
        $this->assertRefused(static fn () => (new Stock(self::crop('pea')))->filled(null, null), 'Say how much there is');
    }

    public function test_a_count_that_does_not_go_with_the_weight_is_a_slip_of_the_pen(): void
    {
        $stock = new Stock(self::crop('lettuce'));
        // 14 g of 20 seeds would be 700 g a thousand; a lettuce has about one.
        $this->assertRefused(static fn () => $stock->filled(14.0, 20), '1 000 seeds of lettuce weigh about 0.8 to 1.6 g');
        self::assertFalse($stock->isKnown());
        // Unusual seed is not refused: only what is several times outside the ordinary.
        $stock->filled(5.0, 1000);
        self::assertSixDigits(5.0, $stock->tsm());
    }

    private function assertRefused(\Closure $act, string $says): void
    {
        try {
            $act();
        } catch (EntryRefused $refused) {
            self::assertStringContainsString($says, $refused->getMessage());

            return;
        }
        self::fail('It was not refused.');
    }
}
