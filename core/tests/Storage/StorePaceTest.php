<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Storage;

use Marrow\Core\Storage\ConstantsBasis;
use Marrow\Core\Storage\LotPace;
use Marrow\Core\Storage\LotTelling;
use Marrow\Core\Storage\StorePace;
use Marrow\Core\Tests\Support\CoreTestCase;

/** What the tests of a keeper's lots teach of the store they lie in. */
final class StorePaceTest extends CoreTestCase
{
    public function test_with_nothing_learnt_it_is_what_the_model_states(): void
    {
        foreach ([ConstantsBasis::OrdinaryYears, ConstantsBasis::Published] as $basis) {
            [$mean, $spread] = StorePace::unknown()->expected($basis);
            self::assertSame(0.0, $mean);
            self::assertSixDigits($basis->spreadOfLog(), $spread);
        }
        self::assertSame(StorePace::unknown()->key(), StorePace::learnt([])->key());
    }

    public function test_what_a_lot_tells_is_what_its_tests_say_without_what_was_expected(): void
    {
        // Half a probit lost by the model between two tests of a thousand seeds: once with what is usually expected of its pace,
        // once with next to nothing expected.
        $expected = 0.4214049;
        $tight = LotPace::tested([[0.0, 920, 1000], [0.5, 700, 1000]], 0.95, 0.0, $expected);
        $loose = LotPace::tested([[0.0, 920, 1000], [0.5, 700, 1000]], 0.95, 0.0, 5.0);
        $told = LotTelling::of($tight, $expected, ConstantsBasis::OrdinaryYears);
        // Taken out again, the expectation leaves nearly what a lot of which nothing was expected tells.
        self::assertEqualsWithDelta($loose->slower, $told?->slower, 0.05);
        self::assertEqualsWithDelta(1.0 / sqrt(1.0 / $loose->slowerSpread ** 2 - 1.0 / 25.0), $told?->error, 0.02);
        self::assertNull(LotTelling::of(LotPace::untested(0.95, 0.0, $expected), $expected, ConstantsBasis::OrdinaryYears), 'no test');
        self::assertNull(LotTelling::of(LotPace::tested([[0.01, 9, 10]], 0.95, 0.0, $expected), $expected, ConstantsBasis::OrdinaryYears), 'a test of fresh seed tells nothing of its pace');
    }

    public function test_many_lots_that_last_longer_move_what_is_expected_and_leave_less_open(): void
    {
        $before = StorePace::unknown();
        self::assertSame($before->key(), StorePace::learnt(array_fill(0, 2, $this->lot(920, 850)))->key(), 'two may be odd');
        foreach ([3, 10, 40] as $lots) {
            $store = StorePace::learnt(array_fill(0, $lots, $this->lot(920, 850)));
            self::assertGreaterThanOrEqual($before->factor(), $store->factor());
            self::assertLessThan($before->expected(ConstantsBasis::OrdinaryYears)[1], $store->expected(ConstantsBasis::OrdinaryYears)[1]);
            $before = $store;
        }
        self::assertGreaterThan(1.2, $before->factor());
        // However many there are, lots differ: half of the stated variance is left.
        self::assertEqualsWithDelta(sqrt(0.5) * ConstantsBasis::OrdinaryYears->spreadOfLog(), $before->expected(ConstantsBasis::OrdinaryYears)[1], 0.02);
        self::assertLessThan(1.0, StorePace::learnt(array_fill(0, 10, $this->lot(920, 300)))->factor());
    }

    public function test_it_moves_in_steps_that_are_worth_saying(): void
    {
        $lot = $this->lot(920, 700);
        $keys = [];
        foreach (range(1, 60) as $lots) {
            $keys[] = StorePace::learnt(array_fill(0, $lots, $lot))->key();
        }
        self::assertLessThan(15, count(array_unique($keys)), 'sixty tests do not move every forecast sixty times');
    }

    private function lot(int $first, int $later): LotTelling
    {
        return LotTelling::of(LotPace::tested([[0.0, $first, 1000], [0.8, $later, 1000]], 0.95, 0.0, 0.4214049), 0.4214049, ConstantsBasis::OrdinaryYears)
            ?? throw new \LogicException('It tells nothing.');
    }
}
