<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Voice\Quantity;
use App\Voice\When;
use DateTimeImmutable;
use Marrow\Core\Statistics\Interval;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Figures and moments as a gardener says them. */
final class WordsTest extends TestCase
{
    #[DataProvider('quantities')]
    public function test_quantity(string $said, string $expected): void
    {
        self::assertSame($expected, str_replace("\u{00A0}", ' ', $said));
    }

    /** @return iterable<string, array{string, string}> */
    public static function quantities(): iterable
    {
        yield 'a share' => [Quantity::percent(0.824), '82 %'];
        yield 'none' => [Quantity::percent(0.0), '0 %'];
        yield 'all' => [Quantity::percent(1.0), '100 %'];
        yield 'nearly all is not all' => [Quantity::percent(0.9996), 'over 99 %'];
        yield 'hardly any is not none' => [Quantity::percent(0.0004), 'under 1 %'];
        yield 'an interval' => [Quantity::likely(new Interval(0.7149, 0.9049)), 'likely 71 to 90 %'];
        yield 'moisture' => [Quantity::moisture(8.04), '8.0 %'];
        yield 'milligrams' => [Quantity::grams(0.3125), '0.313 g'];
        yield 'grams' => [Quantity::grams(41.24), '41.2 g'];
        yield 'whole grams' => [Quantity::grams(3.0), '3 g'];
        yield 'hundreds of grams' => [Quantity::grams(1240.4), '1 240 g'];
        yield 'kilos' => [Quantity::grams(12_340.0), '12.3 kg'];
        yield 'one seed' => [Quantity::seeds(1), '1 seed'];
        yield 'seeds' => [Quantity::seeds(2850), '2 850 seeds'];
        yield 'a part of a seed is no seed' => [Quantity::seeds(7.9), '7 seeds'];
        yield 'a rough count has two figures' => [Quantity::roughSeeds(3162.3), 'about 3 200 seeds'];
        yield 'a small rough count' => [Quantity::roughSeeds(13.4), 'about 13 seeds'];
        yield 'a large rough count' => [Quantity::roughSeeds(84_949), 'about 85 000 seeds'];
        yield 'hours' => [Quantity::hours(116.96), '117 h'];
        yield 'one day' => [Quantity::days(1.0), '1 day'];
        yield 'days' => [Quantity::days(4.11), '4.1 days'];
        yield 'degrees' => [Quantity::temperature(-18.0), '−18 °C'];
        yield 'one plant' => [Quantity::number(1, 'plant'), '1 plant'];
        yield 'plants' => [Quantity::number(31, 'plant'), '31 plants'];
    }

    #[DataProvider('days')]
    public function test_day(string $at, string $said): void
    {
        self::assertSame($said, $this->when()->day(new DateTimeImmutable($at)));
    }

    /** @return iterable<array{string, string}> */
    public static function days(): iterable
    {
        yield ['2026-09-14 23:59', 'today'];
        yield ['2026-09-14 00:00', 'today'];
        yield ['2026-09-15 00:01', 'tomorrow'];
        yield ['2026-09-13 23:59', 'yesterday'];
        yield ['2026-09-17 06:00', 'Thursday 17 September'];
        yield ['2027-02-01 06:00', '1 February 2027'];
    }

    #[DataProvider('distances')]
    public function test_how_far_away(string $at, string $said): void
    {
        self::assertSame($said, str_replace("\u{00A0}", ' ', $this->when()->away(new DateTimeImmutable($at))));
    }

    /** @return iterable<array{string, string}> */
    public static function distances(): iterable
    {
        yield ['2026-09-14 10:20', 'now'];
        yield ['2026-09-14 12:00', 'in 2 hours'];
        yield ['2026-09-13 18:00', '16 hours ago'];
        yield ['2026-09-15 11:00', 'in 1 day'];
        yield ['2026-09-03 10:00', '11 days ago'];
        yield ['2027-02-14 10:00', 'in 5 months'];
        yield ['2031-09-14 10:00', 'in 5 years'];
    }

    public function test_an_hour_reckoned_by_a_rule_of_thumb_is_rounded(): void
    {
        self::assertSame('Thursday 17 September 06:00', $this->when()->hour(new DateTimeImmutable('2026-09-17 05:57')));
        self::assertSame('today 00:00', $this->when()->hour(new DateTimeImmutable('2026-09-13 23:59')), 'midnight belongs to the new day');
    }

    private function when(): When
    {
        return new When(new DateTimeImmutable('2026-09-14 10:00'));
    }
}
