<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Season;

use Marrow\Core\Season\Internal\Choice;
use Marrow\Core\Season\Internal\PollenTable;
use Marrow\Core\Season\Internal\QuickWay;
use Marrow\Core\Season\Internal\Search;
use Marrow\Core\Season\Rectangle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The search for the cheapest way, beside every way there is, tried one after the other. */
final class SearchTest extends TestCase
{
    private const MANY = 50_000_000;

    #[DataProvider('chances')]
    public function test_no_way_of_all_is_cheaper_than_the_one_found(int $seed): void
    {
        $table = self::chanceTable($seed);
        $cheapest = INF;
        foreach (self::everyWay(array_map(count(...), $table->cost)) as $way) {
            if (self::does($table, $way)) {
                $cheapest = min($cheapest, $table->costOf($way));
            }
        }
        $search = new Search(self::choices($table), $table, self::MANY);
        $found = $search->run();
        self::assertTrue($search->isExact);
        if ($cheapest === INF) {
            self::assertNull($found);

            return;
        }
        self::assertNotNull($found);
        self::assertEqualsWithDelta($cheapest, array_sum(array_map(static fn (Choice $choice): float => $choice->cost, $found)), 1e-9);
        // Each choice goes by its number, which stands as its place in the table.
        self::assertTrue(self::does($table, array_map(static fn (Choice $choice): int => $choice->spot, $found)));
    }

    #[DataProvider('chances')]
    public function test_the_quick_way_does_and_one_cut_short_says_that_it_may_not_be_the_cheapest(int $seed): void
    {
        $table = self::chanceTable($seed);
        $quick = (new QuickWay($table))->find();
        $full = new Search(self::choices($table), $table, self::MANY);
        $full->run();
        $cut = new Search(self::choices($table), $table, intdiv($full->steps(), 4));
        $found = $cut->run();
        self::assertSame($cut->steps() >= $full->steps(), $cut->isExact);
        if ($quick !== null) {
            self::assertTrue(self::does($table, $quick));
            self::assertNotNull($found, 'what was found quickly is not lost');
            self::assertLessThanOrEqual($table->costOf($quick) + 1e-9, array_sum(array_map(static fn (Choice $choice): float => $choice->cost, $found)));
        }
    }

    /** @return iterable<string, array{int}> */
    public static function chances(): iterable
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            yield "table $seed" => [$seed];
        }
    }

    /** Two to five plantings with two to five choices; the dearest gives and takes little, some pairs cannot both be. */
    private static function chanceTable(int $seed): PollenTable
    {
        mt_srand($seed);
        $chance = static fn (): float => mt_rand() / mt_getrandmax();
        $counts = array_map(static fn (): int => mt_rand(2, 5), range(1, mt_rand(2, 5)));
        $fixed = [];
        $taken = [];
        $room = [];
        $cost = [];
        foreach ($counts as $p => $n) {
            $own = array_map(static fn (): float => round($chance() * 10, 1), range(1, $n - 1));
            sort($own);
            $cost[] = [0.0, ...$own];
            $room[] = 0.2 + $chance();
            $fixed[] = array_map(static fn (int $c): float => $c === $n - 1 ? 0.0 : $chance() * 0.3, range(0, $n - 1));
            $taken[] = array_map(static fn (int $c): array => array_merge(...array_map(
                static fn (int $q, int $m): array => array_map(static fn (int $d): float => match (true) {
                    $q === $p => 0.0,
                    $c === $n - 1 || $d === $m - 1 => $chance() < 0.15 ? $chance() * 0.4 : 0.0,
                    $chance() < 0.05 => 1e9,
                    default => $chance() * 0.7,
                }, range(0, $m - 1)),
                array_keys($counts),
                $counts,
            )), range(0, $n - 1));
        }

        return new PollenTable($fixed, $taken, PollenTable::starts($cost), $room, $cost);
    }

    /** @return list<non-empty-list<Choice>> of which only the cost matters to the search, and the spot to the test */
    private static function choices(PollenTable $table): array
    {
        $choices = [];
        foreach ($table->cost as $costs) {
            $own = [];
            foreach ($costs as $c => $cost) {
                $own[] = new Choice(null, new Rectangle(0, 0, 1, 1), $c, 0, 0, true, true, false, $cost);
            }
            self::assertNotEmpty($own);
            $choices[] = $own;
        }

        return $choices;
    }

    /** @param  list<int>  $way */
    private static function does(PollenTable $table, array $way): bool
    {
        foreach ($way as $p => $c) {
            $sum = $table->fixed[$p][$c];
            foreach ($way as $q => $d) {
                $sum += $table->taken[$p][$c][$table->start[$q] + $d];
            }
            if ($sum > $table->room[$p]) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<int>  $counts
     * @return iterable<list<int>>
     */
    private static function everyWay(array $counts): iterable
    {
        if ($counts === []) {
            yield [];

            return;
        }
        $first = array_shift($counts);
        for ($c = 0; $c < $first; $c++) {
            foreach (self::everyWay($counts) as $rest) {
                yield [$c, ...$rest];
            }
        }
    }
}
