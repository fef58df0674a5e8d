<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Germination;

use Marrow\Core\Germination\Comparison;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Germination\Power;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\TestWith;

/** How surely two tests show a difference that is there. */
final class PowerTest extends CoreTestCase
{
    /** By R, as the worked values: groups that are not equal, several comparisons, a share of all. */
    #[TestWith([12, 30, 0.5, 0.95, 0.05, 0.903230])]
    #[TestWith([20, 20, 0.8, 0.5, 0.05 / 3, 0.227600])]
    #[TestWith([7, 5, 1.0, 0.2, 0.05, 0.942080])]
    public function test_by_r(int $a, int $b, float $p, float $q, float $level, float $power): void
    {
        self::assertEqualsWithDelta($power, Power::of($a, $b, $p, $q, $level), 2e-6);
        self::assertEqualsWithDelta($power, Power::of($b, $a, $q, $p, $level), 2e-6, 'whichever is called first');
    }

    public function test_it_shows_what_the_comparison_of_two_tests_shows(): void
    {
        [$a, $b, $p, $q] = [9, 14, 0.85, 0.4];
        $chance = static fn (int $n, int $k, float $share): float => self::choose($n, $k) * $share ** $k * (1.0 - $share) ** ($n - $k);
        $power = 0.0;
        for ($x = 0; $x <= $a; $x++) {
            for ($y = 0; $y <= $b; $y++) {
                if (Comparison::of(GerminationShare::of($x, $a), GerminationShare::of($y, $b))->p <= 0.05) {
                    $power += $chance($a, $x, $p) * $chance($b, $y, $q);
                }
            }
        }
        self::assertEqualsWithDelta($power, Power::of($a, $b, $p, $q), 1e-9);
    }

    public function test_the_fewest_are_enough_and_one_fewer_is_not(): void
    {
        foreach ([[0.95, 0.7, 0.8], [0.6, 0.2, 0.9], [0.99, 0.6, 0.5], [0.5, 0.1, 0.3]] as [$p, $q, $power]) {
            $n = Power::seeds($p, $q, $power);
            self::assertNotNull($n);
            for ($fewer = 2; $fewer < $n; $fewer++) {
                self::assertLessThan($power, Power::of($fewer, $fewer, $p, $q), "$fewer of $n");
            }
            self::assertGreaterThanOrEqual($power, Power::of($n, $n, $p, $q));
        }
        self::assertNull(Power::seeds(0.90, 0.88, 0.8));
    }

    private static function choose(int $n, int $k): float
    {
        return $k === 0 ? 1.0 : $n / $k * self::choose($n - 1, $k - 1);
    }
}
