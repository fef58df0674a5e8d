<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Rota;

use Marrow\Core\Rota\RotaLine;
use Marrow\Core\Rota\Survival;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class SurvivalTest extends TestCase
{
    /** @return iterable<string, array{int, int, list<int>, float}> seasons, growings that it suffices for, years, kept */
    public static function worked(): iterable
    {
        yield 'never grown' => [1, 2, [], 0.35];
        yield 'once' => [1, 2, [2], 0.7883];
        yield 'at once' => [1, 2, [0], 0.809];
        yield 'twice' => [1, 2, [1, 4], 0.858226];
        yield 'twice, late' => [1, 2, [3, 4], 0.76149];
        yield 'more often than the seed suffices for' => [1, 2, [2, 3, 4], 0.860924];
        yield 'over two seasons' => [2, 1, [1], 0.79515];
        yield 'over two seasons, twice' => [2, 1, [0, 3], 0.858924];
        yield 'over two seasons, late' => [2, 1, [3], 0.7056];
        yield 'none to sow' => [1, 0, [], 0.0];
    }

    /** @param  list<int>  $sown */
    #[DataProvider('worked')]
    public function test_values_worked_by_hand(int $stands, int $sowings, array $sown, float $kept): void
    {
        $this->assertEqualsWithDelta($kept, (new Survival(Rotas::line('kale', stands: $stands, sowings: $sowings), 6))->kept($sown), 5e-7);
    }

    public function test_seed_that_ages_half_as_fast_is_each_year_where_it_was_in_half_the_time(): void
    {
        $slow = Rotas::line('kale')->ageing(0.5);
        foreach ([1.0, 0.975, 0.95, 0.925, 0.9, 0.85, 0.8] as $year => $alive) {
            $this->assertEqualsWithDelta($alive, $slow->alive[$year], 1e-12);
        }
        $this->assertSame(Rotas::ALIVE, Rotas::line('kale')->ageing(1.0)->alive);
    }

    public function test_it_is_what_happens_when_it_is_played(): void
    {
        $dice = new Randomizer(new Mt19937(5));
        foreach ([[2, 3, 4], [0, 3, 5], [1]] as $sown) {
            $line = Rotas::line('kale', fails: 0.3, sowings: 2);
            $alive = 0;
            for ($n = 0; $n < 40_000; $n++) {
                $alive += self::played($line, 6, $sown, $dice) ? 1 : 0;
            }
            $this->assertEqualsWithDelta((new Survival($line, 6))->kept($sown), $alive / 40_000, 0.01);
        }
    }

    /** @param  list<int>  $sown */
    private static function played(RotaLine $line, int $years, array $sown, Randomizer $dice): bool
    {
        // Each lot dies once: the year is drawn when it comes into being.
        $dies = static function (array $lives) use ($dice): int {
            $mark = Rotas::between($dice, 0.0, 1.0);

            return count(array_filter($lives, static fn (float $chance): bool => $chance > $mark));
        };
        $lasts = $dies($line->alive);
        $left = $line->sowings ?? PHP_INT_MAX;
        foreach ($sown as $year) {
            if ($left === 0 || $year >= $lasts) {
                // Sown and not up, or not sown at all: there is nothing of it from then on.
                return false;
            }
            $left--;
            if (Rotas::between($dice, 0.0, 1.0) >= $line->fails) {
                $lasts = $year + $dies($line->renewed);
                $left = PHP_INT_MAX;
            }
        }

        return $left > 0 && $lasts > $years;
    }
}
