<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Sowing;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Sowing\SeedsNeeded;
use Marrow\Core\Sowing\SeedsPerCell;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class SeedsNeededTest extends TestCase
{
    /** @return list<array{int, float, int, int, int}> plants, share, and seeds for 95, 80 and 99 in 100, by R: the first n with 1 - pbinom(plants - 1, n, share) at least as sure */
    public static function known(): array
    {
        return [[1, 0.5, 5, 3, 7], [1, 0.9, 2, 1, 2], [10, 0.8, 16, 14, 18], [24, 0.85, 32, 30, 34], [24, 0.4, 77, 68, 85], [100, 0.72, 151, 145, 157], [500, 0.95, 535, 531, 539]];
    }

    #[DataProvider('known')]
    public function test_of_a_share_that_is_known(int $plants, float $share, int $usual, int $likely, int $sure): void
    {
        self::assertSame([$usual, $likely, $sure], array_map(static fn (float $confidence): int => SeedsNeeded::fromRate($plants, $share, $confidence), [0.95, 0.8, 0.99]));
    }

    /** @return list<array{int, int, int, int}> plants, germinated of so many, seeds; by R over the beta-binomial with half a seed on either side */
    public static function ofTests(): array
    {
        return [[10, 45, 50, 14], [24, 18, 25, 46], [24, 80, 100, 36], [5, 3, 10, 48]];
    }

    #[DataProvider('ofTests')]
    public function test_of_a_share_that_was_only_tested(int $plants, int $germinated, int $sown, int $seeds): void
    {
        self::assertSame($seeds, SeedsNeeded::fromTest($plants, GerminationShare::of($germinated, $sown)));
    }

    /** @return iterable<string, array{int, list<float>, float, float}> */
    public static function wishes(): iterable
    {
        $chance = new Randomizer(new Mt19937(3));
        for ($n = 0; $n < 40; $n++) {
            $shares = array_map(static fn (): float => $chance->getInt(20, 99) / 100, range(1, $chance->getInt(1, 9)));
            yield "wish $n" => [$chance->getInt(1, 120), $shares, [0.5, 0.8, 0.95, 0.99][$n % 4], $chance->getInt(40, 100) / 100];
        }
    }

    /** @param  non-empty-list<float>  $shares */
    #[DataProvider('wishes')]
    public function test_they_are_enough_and_one_fewer_is_not(int $plants, array $shares, float $confidence, float $field): void
    {
        $seeds = SeedsNeeded::fromShares($plants, $shares, $confidence, $field);
        self::assertGreaterThanOrEqual($confidence, SeedsNeeded::chanceFromShares($plants, $seeds, $shares, $field));
        self::assertLessThan($confidence, SeedsNeeded::chanceFromShares($plants, $seeds - 1, $shares, $field));
        self::assertGreaterThanOrEqual($plants, $seeds);
    }

    /** @param  non-empty-list<float>  $shares */
    #[DataProvider('wishes')]
    public function test_more_plants_more_certainty_and_a_rougher_field_want_no_fewer(int $plants, array $shares, float $confidence, float $field): void
    {
        $seeds = SeedsNeeded::fromShares($plants, $shares, $confidence, $field);
        self::assertLessThan(SeedsNeeded::fromShares($plants + 1, $shares, $confidence, $field), $seeds);
        self::assertLessThanOrEqual(SeedsNeeded::fromShares($plants, $shares, min(0.9999, $confidence + 0.005), $field), $seeds);
        self::assertLessThanOrEqual(SeedsNeeded::fromShares($plants, $shares, $confidence, max(0.01, $field - 0.1)), $seeds);
    }

    public function test_a_share_that_may_be_any_of_several_wants_more_than_their_mean_where_one_must_be_sure(): void
    {
        self::assertGreaterThan(SeedsNeeded::fromRate(24, 0.7), SeedsNeeded::fromShares(24, [0.5, 0.7, 0.9]));
        self::assertSame(SeedsNeeded::fromRate(24, 0.7), SeedsNeeded::fromShares(24, [0.7, 0.7]));
    }

    public function test_what_hardly_comes_up_is_refused_in_words(): void
    {
        $this->expectException(InvalidFigure::class);
        $this->expectExceptionMessage('So little of this seed comes up that not even 10,000,000 seeds would surely give 1000000 plants.');
        SeedsNeeded::fromRate(1_000_000, 0.05);
    }

    public function test_seeds_to_a_module_leave_no_more_empty_than_asked(): void
    {
        foreach ([0.3, 0.5, 0.76, 0.9, 0.95] as $share) {
            foreach ([0.01, 0.05, 0.2] as $empty) {
                $seeds = SeedsPerCell::of($share, $empty);
                self::assertLessThanOrEqual($empty + 1e-12, (1 - $share) ** $seeds);
                self::assertTrue($seeds === 1 || (1 - $share) ** ($seeds - 1) > $empty);
            }
        }
    }
}
