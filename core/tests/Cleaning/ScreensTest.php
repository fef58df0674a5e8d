<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Cleaning;

use Marrow\Core\Cleaning\Screens;
use Marrow\Core\Cleaning\Sieve;
use Marrow\Core\Fields\InvalidFigure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ScreensTest extends TestCase
{
    #[DataProvider('seeds')]
    public function test_holes_for_seed_of_a_breadth(float $narrowest, float $broadest, float $through, float $holding): void
    {
        $screens = Screens::forSeed($narrowest, $broadest);
        self::assertSame([$through, $holding], [$screens->through, $screens->holding]);
    }

    /** @return iterable<string, array{float, float, float, float}> by hand: seven in a hundred more or less, then the next hole */
    public static function seeds(): iterable
    {
        // 2.2 · 1.07 = 2.354 → 2.5; 1.5 · 0.93 = 1.395 → 1.25.
        yield 'leek' => [1.5, 2.2, 2.5, 1.25];
        // 0.5 · 1.07 = 0.535 → 0.6; 0.3 · 0.93 = 0.279 → 0.2.
        yield 'foxglove' => [0.3, 0.5, 0.6, 0.2];
        // 18 · 1.07 = 19.26 → 20; 8 · 0.93 = 7.44 → 7.
        yield 'broad bean' => [8, 18, 20, 7];
        // 10 · 0.93 = 9.3 → 9; 14 · 1.07 = 14.98 → 15.
        yield 'runner bean' => [10, 14, 15, 9];
        yield 'a hole no finer than the finest' => [0.1, 0.1, 0.2, 0.1];
    }

    public function test_all_the_seed_goes_through_the_one_and_stays_on_the_other(): void
    {
        for ($low = 0.2; $low < 30; $low *= 1.13) {
            foreach ([1.0, 1.2, 1.7, 2.5] as $wider) {
                $high = min(60, $low * $wider);
                $screens = Screens::forSeed($low, $high);
                self::assertGreaterThan($high, $screens->through);
                self::assertLessThan($low, $screens->holding);
                self::assertLessThan($high * 1.07 + 1.0 + 1e-9, $screens->through, 'no coarser than one step more');
            }
        }
    }

    public function test_seed_of_no_breadth_and_a_range_the_wrong_way_round_are_refused(): void
    {
        foreach ([[0.0, 2.0], [3.0, 2.0], [2.0, 61.0]] as [$low, $high]) {
            try {
                Screens::forSeed($low, $high);
                self::fail("$low to $high");
            } catch (InvalidFigure $refused) {
                self::assertStringContainsString('mm', $refused->getMessage());
            }
        }
    }

    public function test_of_what_is_at_hand_the_nearest_is_taken(): void
    {
        // 2.6 mm and 7 % more is 2.782: a hole of 3; 2.1 and 7 % less is 1.953: one of 1.75.
        $screens = Screens::forSeed(2.1, 2.6);
        $widths = static fn (string $own, float $flatness = 1.0): array => array_map(static fn (Sieve $sieve): float => $sieve->width, $screens->among(Sieve::written($own), $flatness));
        self::assertSame([3.5, 1.5], $widths('1.5, 3.5, 9.0'));
        self::assertSame([4.0, 2.0], $widths('0.875, 2.0, 4.0'));
        // Mesh 2.6 wide lets through what is 2.99 broad, nearer to 3 than a hole of 3.5.
        self::assertSame([2.6, 1.5], $widths('1.5, 3.5, mesh 2.6'));
        // Seed half as thick as it is broad goes through a slot of 1.5 where a hole of 3 would be needed.
        self::assertSame([1.5, 0.9], $widths('slot 0.9, 1.5', 0.5));
    }
}
