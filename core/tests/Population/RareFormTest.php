<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Population;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Population\RareForm;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whether a rare form is still there, against sums of binomials done in R and against plants drawn by chance. */
final class RareFormTest extends TestCase
{
    /**
     * R: q <- 1 - .95^(1/c); each picking dbinom(0:M, M, share before), M = c × plants; the last: 1 − P(none).
     *
     * @param  list<int>  $plants
     */
    #[TestWith([[10, 10], 1.0, 0.2799305])]
    #[TestWith([[12, 5, 20], 1.0, 0.1897498])]
    #[TestWith([[20, 3, 40], 0.0, 0.1359631])]
    public function test_values_of_r(array $plants, float $outcrossing, float $kept): void
    {
        self::assertEqualsWithDelta($kept, RareForm::kept($plants, 0.05, $outcrossing), 5e-8);
    }

    public function test_one_picking_is_the_chance_that_one_of_them_has_it(): void
    {
        self::assertEqualsWithDelta(1 - 0.95 ** 3, RareForm::kept([3], 0.05), 1e-12);
        self::assertSame(1.0, RareForm::kept([], 0.05), 'never grown out, nothing is lost');
        self::assertSame(1.0, RareForm::kept([1, 1], 1.0), 'what all of them have stays');
    }

    public function test_plants_drawn_by_chance_keep_it_as_often(): void
    {
        $chance = new Randomizer(new Mt19937(3));
        $kept = 0;
        for ($play = 0; $play < 4000; $play++) {
            $share = 1 - sqrt(0.8);
            foreach ([8, 4, 10] as $plants) {
                $with = 0;
                for ($copy = 0; $copy < 2 * $plants; $copy++) {
                    $with += (int) ($chance->getInt(0, 999_999) < $share * 1e6);
                }
                $share = $with / (2 * $plants);
            }
            $kept += (int) ($share > 0);
        }
        $reckoned = RareForm::kept([8, 4, 10], 0.2);
        self::assertEqualsWithDelta($reckoned, $kept / 4000, 4 * sqrt($reckoned * (1 - $reckoned) / 4000));
    }

    public function test_another_picking_never_brings_it_back_and_more_plants_never_lose_more(): void
    {
        $chance = new Randomizer(new Mt19937(4));
        for ($try = 0; $try < 60; $try++) {
            $plants = array_map(static fn (): int => $chance->getInt(1, 30), range(1, $chance->getInt(1, 5)));
            $kept = RareForm::kept($plants, 0.1, $t = $chance->getInt(0, 10) / 10);
            self::assertLessThanOrEqual($kept + 1e-12, RareForm::kept([...$plants, $chance->getInt(1, 30)], 0.1, $t));
            self::assertGreaterThanOrEqual($kept - 1e-9, RareForm::kept(array_map(static fn (int $many): int => $many + 5, $plants), 0.1, $t));
        }
    }

    public function test_no_plants_are_refused(): void
    {
        $this->expectException(InvalidFigure::class);
        RareForm::kept([4, 0], 0.05);
    }
}
