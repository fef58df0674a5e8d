<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Year;

use DateTimeImmutable;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Planting\PlantingFacts;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\MakesEntries;
use Marrow\Core\Year\Warmth;

final class WarmthTest extends CoreTestCase
{
    use MakesEntries;

    public function test_what_is_warmer_than_usual_comes_sooner(): void
    {
        // Usually 10 °C, 5 above the base: 60 days want 300. At 15 °C 10 a day: 30 days of it are 300.
        $from = new DateTimeImmutable('2026-05-01 09:00');
        $expected = new DateTimeImmutable('2026-06-30 09:00');
        $moved = static fn (float $came, string $until): string => self::warmth($came, '2026-05-01', $until)->moved($from, $expected)->format('Y-m-d H:i');
        self::assertSame('2026-06-30 09:00', $moved(10.0, '2026-06-30'));
        // 20 days at 15 °C are 200; what is left of it, 100, takes 20 usual days.
        self::assertSame('2026-06-10 09:00', $moved(15.0, '2026-05-20'));
        // 20 days at 7.5 °C are 50; the other 250 take 50 usual days more.
        self::assertSame('2026-07-10 09:00', $moved(7.5, '2026-05-20'));
        // Never by more than three weeks, either way.
        self::assertSame('2026-06-09 09:00', $moved(40.0, '2026-06-30'));
        self::assertSame('2026-07-21 09:00', $moved(5.0, '2026-06-30'));
    }

    public function test_where_little_was_measured_or_nothing_is_usual_nothing_moves(): void
    {
        $from = new DateTimeImmutable('2026-05-01');
        $expected = new DateTimeImmutable('2026-06-30');
        self::assertEquals($expected, Warmth::unknown()->moved($from, $expected));
        self::assertEquals($expected, (new Warmth(['2026-05-01' => 20.0, '2026-05-20' => 20.0], self::usual()))->moved($from, $expected), 'two days of twenty');
        self::assertEquals($expected, (new Warmth(['2026-03-01' => 20.0], self::usual()))->moved($from, $expected), 'none since');
        self::assertEquals($from, self::warmth(15.0, '2026-05-01', '2026-05-20')->moved($from, $from));
    }

    public function test_whatever_comes_later_usually_comes_later_in_any_year(): void
    {
        $from = new DateTimeImmutable('2026-04-10 09:00');
        foreach ([3.0, 8.0, 10.0, 14.0, 22.0] as $came) {
            $warmth = self::warmth($came, '2026-04-10', '2026-06-01');
            $before = $from;
            for ($days = 1; $days < 150; $days += 7) {
                $moved = $warmth->moved($from, $from->modify("+$days days"));
                self::assertGreaterThanOrEqual($before, $moved, "$came °C, $days days");
                $before = $moved;
            }
        }
    }

    public function test_ripe_seed_is_looked_for_sooner_in_a_warm_year_and_it_is_said(): void
    {
        $fold = static fn (Warmth $warmth, bool $blooms): PlantingCourse => PlantingCourse::fold(new PlantingFacts(self::crop('lettuce'), 'v', warmth: $warmth), [
            self::entry('a', 'sown', '2026-04-10 10:00', ['plants' => 10]),
            ...($blooms ? [self::entry('b', 'first_bloom', '2026-06-20 10:00', [])] : []),
        ]);
        foreach ([false, true] as $blooms) {
            [$usual] = $fold(Warmth::unknown(), $blooms)->tasks();
            [$warm] = $fold(self::warmth(16.0, '2026-04-10', '2026-07-01'), $blooms)->tasks();
            self::assertLessThan($usual->opens, $warm->opens);
            self::assertLessThanOrEqual($warm->latest, $warm->best);
            self::assertSame((int) $warm->best->diff($usual->best)->format('%r%a'), -($warm->figures['moved'] ?? 0));
            self::assertArrayNotHasKey('moved', $usual->figures);
        }
    }

    private static function warmth(float $came, string $from, string $until): Warmth
    {
        $days = [];
        for ($day = new DateTimeImmutable($from); $day->format('Y-m-d') <= $until; $day = $day->modify('+1 day')) {
            $days[$day->format('Y-m-d')] = $came;
        }

        return new Warmth($days, self::usual());
    }

    /** @return array<string, float> */
    private static function usual(): array
    {
        $usual = [];
        for ($day = new DateTimeImmutable('2024-01-01'); $day < new DateTimeImmutable('2025-01-01'); $day = $day->modify('+1 day')) {
            $usual[$day->format('m-d')] = 10.0;
        }

        return $usual;
    }
}
