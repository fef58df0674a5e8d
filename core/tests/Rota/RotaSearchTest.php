<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Rota;

use Marrow\Core\Rota\Breaches;
use Marrow\Core\Rota\BreachKind;
use Marrow\Core\Rota\FoundRota;
use Marrow\Core\Rota\Resource;
use Marrow\Core\Rota\RotaConflict;
use Marrow\Core\Rota\RotaLimits;
use Marrow\Core\Rota\RotaLine;
use Marrow\Core\Rota\RotaProblem;
use Marrow\Core\Rota\RotaSearch;
use PHPUnit\Framework\TestCase;

final class RotaSearchTest extends TestCase
{
    public function test_the_one_worked_by_hand(): void
    {
        $found = self::best(Rotas::four());
        $this->assertEqualsWithDelta(1.283767, $found->rota->cost(), 5e-7);
        $this->assertEqualsWithDelta(0.973767, $found->rota->risk, 5e-7);
        $this->assertEqualsWithDelta(31.0, $found->rota->hours, 1e-9);
        $this->assertSame(['kale' => [2], 'leek' => [0, 3], 'pepper' => [0, 2], 'rocket' => [0, 3]], $found->rota->sowings);
        $this->assertTrue($found->isProven);
        $this->assertSame($found->rota->cost(), $found->bound);
    }

    public function test_it_is_the_best_of_all_that_there_are(): void
    {
        $couldNot = 0;
        for ($seed = 1; $seed <= 200; $seed++) {
            $problem = Rotas::random($seed, 2 + $seed % 3, $seed % 3 === 2 ? 3 : 3 + $seed % 2, 0.3 + $seed % 7 / 10, [0.0, 0.01, 0.05][$seed % 3]);
            $least = Rotas::cheapest($problem);
            $found = RotaSearch::best($problem);
            if ($found === null) {
                $couldNot++;
                $this->assertInfinite($least, "Problem $seed has a rota.");

                continue;
            }
            $this->assertEqualsWithDelta($least, $found->rota->cost(), 1e-9, "Problem $seed.");
            $this->assertTrue($found->isProven, "Problem $seed.");
            $this->assertSame([], $found->rota->breaches(), "Problem $seed.");
        }
        $this->assertLessThan(40, $couldNot);
    }

    public function test_what_is_not_proven_keeps_to_the_needs_and_lies_above_its_bound(): void
    {
        for ($seed = 1; $seed <= 6; $seed++) {
            $problem = Rotas::random($seed, 14, 5, 0.4)->withEach(static fn (RotaLine $line): RotaLine => $line->withYears([], $line->forbidden));
            $soon = self::best($problem, 1);
            $later = self::best($problem, 20);
            $this->assertSame([], $soon->rota->breaches());
            $this->assertLessThanOrEqual($later->rota->cost() + 1e-9, $soon->bound);
            $this->assertLessThanOrEqual($soon->rota->cost() + 1e-9, $later->bound);
            $this->assertLessThanOrEqual($soon->rota->cost() + 1e-9, $later->rota->cost());
        }
    }

    public function test_more_of_anything_never_makes_it_worse(): void
    {
        for ($seed = 1; $seed <= 12; $seed++) {
            $problem = Rotas::random($seed, 5, 4, 0.3);
            $cost = RotaSearch::best($problem)?->rota->cost() ?? INF;
            foreach (Resource::cases() as $resource) {
                $more = RotaSearch::best(Rotas::limits($problem, $resource, 2.0))?->rota->cost() ?? INF;
                $this->assertLessThanOrEqual($cost + 1e-9, $more);
            }
        }
    }

    public function test_the_order_of_lines_makes_no_difference(): void
    {
        for ($seed = 1; $seed <= 8; $seed++) {
            $problem = Rotas::random($seed, 8, 4, 0.5);
            $other = new RotaProblem($problem->firstYear, $problem->years, $problem->hourPrice, $problem->limits, array_reverse($problem->lines), array_reverse($problem->conflicts));
            $this->assertEquals(RotaSearch::best($problem)?->rota->growings(), RotaSearch::best($other)?->rota->growings());
        }
    }

    public function test_of_rotas_of_one_cost_the_one_of_before_is_kept(): void
    {
        // Two lines alike and room for one a year: which comes first is all one.
        $lines = [Rotas::line('a', area: 1), Rotas::line('b', area: 1)];
        $limits = new RotaLimits([1.0, 1.0, 0.0, 0.0, 0.0, 0.0], array_fill(0, 6, INF), array_fill(0, 6, INF));
        $alive = [0.9, 0.9, 0.9, 0.8, 0.65, 0.5, 0.35];
        $lines = array_map(static fn (RotaLine $line): RotaLine => Rotas::line($line->id, $alive, fails: 0.0, area: 1), $lines);
        $lines = array_map(static fn (RotaLine $line): RotaLine => new RotaLine($line->id, 1, $alive, array_fill(0, 7, 1.0), 0.0, 1, null, 1.0), $lines);
        foreach ([['a', 'b'], ['b', 'a']] as [$first, $second]) {
            $problem = new RotaProblem(2027, 6, 0.01, $limits, $lines, [], [['line' => $first, 'sow' => 2027], ['line' => $second, 'sow' => 2028]]);
            $this->assertSame([$first => [0], $second => [1]], self::sorted(self::best($problem), $first));
        }
    }

    public function test_pins_that_collide_are_told_with_whose_they_are(): void
    {
        $four = Rotas::four();
        $pinned = static fn (string ...$years): RotaProblem => $four->withEach(static fn (RotaLine $line): RotaLine => isset($years[$line->id]) ? $line->withYears(array_map(intval(...), explode(',', $years[$line->id])), $line->id === 'rocket' ? [5] : []) : $line);
        $kinds = static fn (RotaProblem $problem): array => array_map(static fn ($breach): array => [$breach->kind, $breach->year, $breach->lines], Breaches::ofPins($problem));

        $this->assertSame([[BreachKind::Crossing, 1, ['kale', 'rocket']]], $kinds($pinned(kale: '1', rocket: '1')));
        $this->assertSame([[BreachKind::Area, 1, ['kale', 'leek']]], $kinds($pinned(kale: '1', leek: '1')));
        $this->assertSame([[BreachKind::Overlap, 1, ['leek']]], $kinds($pinned(leek: '0,1')));
        $this->assertSame([[BreachKind::TooLate, 5, ['leek']]], $kinds($pinned(leek: '5')));
        $this->assertSame([[BreachKind::Forbidden, 5, ['rocket']]], $kinds($pinned(rocket: '5')));
        $this->assertSame([], $kinds($pinned(kale: '1', rocket: '2')));
        $this->assertNull(RotaSearch::best($pinned(kale: '1', rocket: '1')));
        $this->assertContains(1, self::best($pinned(kale: '1'))->rota->sowings['kale']);
        $this->assertSame('Kale and rocket would cross in 2028, and nothing keeps them apart.', Breaches::ofPins($pinned(kale: '1', rocket: '1'))[0]->said(2027, static fn (string $id): string => $id));
        $this->assertSame('Kale and leek need 5 m² of ground in 2028, and there is 4 m² of ground.', Breaches::ofPins($pinned(kale: '1', leek: '1'))[0]->said(2027, static fn (string $id): string => $id));
    }

    public function test_the_last_of_a_conflict_is_paid_for_each_beyond_the_first(): void
    {
        $lines = array_map(static fn (string $id): RotaLine => Rotas::line($id)->withYears([0], []), ['a', 'b', 'c']);
        $found = self::best(new RotaProblem(2027, 6, 0.01, RotaLimits::none(6), $lines, [new RotaConflict(['a', 'b', 'c'], hours: 3, cages: 1)]));
        $this->assertSame(2.0, $found->rota->used[Resource::Cages->value][0]);
        $this->assertSame(6.0, $found->rota->used[Resource::Hours->value][0]);
    }

    public function test_a_search_that_is_stopped_tells_the_best_so_far(): void
    {
        $told = [];
        $found = RotaSearch::best(Rotas::random(3, 30, 6, 0.3)->withEach(static fn (RotaLine $line): RotaLine => $line->withYears([], [])), static function (float $cost, float $bound) use (&$told): bool {
            $told[] = [$cost, $bound];

            return count($told) < 5;
        });
        $this->assertCount(5, $told);
        $this->assertNotNull($found);
        $this->assertSame([], $found->rota->breaches());
        $this->assertLessThanOrEqual($told[0][0], $found->rota->cost());
        $this->assertLessThanOrEqual($found->rota->cost(), $found->bound);
    }

    private static function best(RotaProblem $problem, int $rounds = 100_000): FoundRota
    {
        $found = RotaSearch::best($problem, rounds: $rounds);
        self::assertNotNull($found);

        return $found;
    }

    /** @return array<string, list<int>> */
    private static function sorted(FoundRota $found, string $first): array
    {
        $sowings = $found->rota->sowings;
        uksort($sowings, static fn (string $a, string $b): int => $a === $first ? -1 : ($b === $first ? 1 : 0));

        return $sowings;
    }
}
