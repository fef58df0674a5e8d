<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Population;

use Marrow\Core\Population\SelfedLine;
use Marrow\Core\Steps\Breeding\Dominance;
use Marrow\Core\Steps\Breeding\ShowsIn;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A cross on its way to a line, against plants that split by chance. */
final class NewLineTest extends TestCase
{
    public function test_selfed_it_halves_and_open_it_comes_to_rest(): void
    {
        self::assertEqualsWithDelta([1.0, 0.5, 0.25, 0.125], array_map(static fn (int $g): float => SelfedLine::stillMixed($g, 1.0), [1, 2, 3, 4]), 1e-12);
        // All crossing, half of the plants of a gene are mixed for ever.
        self::assertEqualsWithDelta([1.0, 0.5, 0.5], array_map(static fn (int $g): float => SelfedLine::stillMixed($g, 0.0), [1, 2, 9]), 1e-12);
        self::assertEqualsWithDelta((1 - 0.6) / (2 - 0.6), SelfedLine::stillMixed(60, 0.6), 1e-9);
        self::assertSame(6, SelfedLine::generationBelow(0.05, 1.0));
        self::assertNull(SelfedLine::generationBelow(0.05, 0.3), 'a crop that crosses so much does not come so far by itself');
    }

    /** Half its seed selfed, half crossed with any plant of the line. */
    public function test_plants_that_split_by_chance_are_mixed_as_often(): void
    {
        $chance = new Randomizer(new Mt19937(9));
        $plants = array_fill(0, 3000, [0, 1]);
        for ($generation = 2; $generation <= 5; $generation++) {
            $next = [];
            foreach ($plants as $mother) {
                $father = $chance->getInt(0, 1) === 0 ? $mother : $plants[$chance->getInt(0, count($plants) - 1)];
                $next[] = [$mother[$chance->getInt(0, 1)], $father[$chance->getInt(0, 1)]];
            }
            $plants = $next;
            $mixed = count(array_filter($plants, static fn (array $plant): bool => $plant[0] !== $plant[1])) / count($plants);
            self::assertEqualsWithDelta(SelfedLine::stillMixed($generation, 0.5), $mixed, 4 * sqrt(0.25 / count($plants)), "F$generation");
        }
    }

    /** Each plant selfed once: how many show a form that is hidden, that hides the other, or that only a pure plant has. */
    public function test_forms_show_as_often_as_plants_that_split_by_chance_show_them(): void
    {
        $chance = new Randomizer(new Mt19937(10));
        $plants = array_fill(0, 4000, [0, 1]);
        for ($generation = 2; $generation <= 5; $generation++) {
            $plants = array_map(static fn (array $plant): array => [$plant[$chance->getInt(0, 1)], $plant[$chance->getInt(0, 1)]], $plants);
            $hidden = count(array_filter($plants, static fn (array $plant): bool => $plant === [1, 1])) / count($plants);
            $hides = count(array_filter($plants, static fn (array $plant): bool => in_array(1, $plant, true))) / count($plants);
            foreach ([[Dominance::Recessive, $hidden], [Dominance::Between, $hidden], [Dominance::NotKnown, $hidden], [Dominance::Dominant, $hides]] as [$dominance, $seen]) {
                self::assertEqualsWithDelta($dominance->shows($generation), $seen, 4 * sqrt(0.25 / count($plants)), "F$generation $dominance->value");
            }
        }
        self::assertSame([0.25, 0.75], [Dominance::Recessive->shows(2), Dominance::Dominant->shows(2)]);
        self::assertSame([true, false], [Dominance::Recessive->isFixedWhereSeen(), Dominance::Dominant->isFixedWhereSeen()]);
        self::assertSame([0, 1, 1], [ShowsIn::Grain->lagsBehind(), ShowsIn::Fruit->lagsBehind(), ShowsIn::Coat->lagsBehind()]);
    }

    public function test_how_many_to_grow_and_what_so_many_alike_say(): void
    {
        // As line.search has it of one and of two hidden traits in the F2.
        self::assertSame([SelfedLine::plantsToFind(1, 0.95), SelfedLine::plantsToFind(2, 0.95)], [SelfedLine::plantsToMeet(0.25, 0.95), SelfedLine::plantsToMeet(0.0625, 0.95)]);
        self::assertSame(59, SelfedLine::plantsToMeet(0.05, 0.95));
        self::assertEqualsWithDelta(0.05, SelfedLine::mayDiffer(59, 0.95), 0.0005);
        self::assertLessThanOrEqual(0.05, SelfedLine::mayDiffer(59, 0.95));
        self::assertGreaterThan(0.05, SelfedLine::mayDiffer(58, 0.95));
    }
}
