<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Population;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Population\Pedigree;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What lots came from, all the way back. */
final class PedigreeTest extends TestCase
{
    public function test_own_generations_are_counted_from_what_came_from_elsewhere(): void
    {
        // A was bought; B grown from it, C set apart from B, D grown from C; E poured together of A and D; F grown from nobody knows what.
        $pedigree = new Pedigree([
            'B' => [['from' => 'A', 'grown' => true]],
            'C' => [['from' => 'B', 'grown' => false]],
            'D' => [['from' => 'C', 'grown' => true]],
            'E' => [['from' => 'A', 'grown' => false], ['from' => 'D', 'grown' => false]],
            'F' => [['from' => null, 'grown' => true]],
        ]);
        self::assertSame([0, 1, 1, 2, 2, 1], array_map($pedigree->generation(...), ['A', 'B', 'C', 'D', 'E', 'F']));
        self::assertSame(['A', 'D', 'C', 'B'], $pedigree->forebears('E'));
        self::assertSame([true, false], [$pedigree->isWhole('E'), $pedigree->isWhole('F')]);
    }

    public function test_nobody_is_their_own_forebear(): void
    {
        $this->expectException(InvalidFigure::class);
        (new Pedigree(['A' => [['from' => 'B', 'grown' => true]], 'B' => [['from' => 'A', 'grown' => true]]]))->generation('A');
    }

    public function test_over_random_families_generations_never_fall_along_a_link(): void
    {
        $chance = new Randomizer(new Mt19937(5));
        for ($try = 0; $try < 300; $try++) {
            $links = [];
            for ($lot = 1; $lot < 40; $lot++) {
                $links["L$lot"] = array_map(static fn (): array => ['from' => $chance->getInt(0, 9) === 0 ? null : 'L'.$chance->getInt(0, $lot - 1), 'grown' => $chance->getInt(0, 2) > 0], range(0, $chance->getInt(0, 2)));
            }
            $pedigree = new Pedigree($links);
            foreach ($links as $lot => $from) {
                foreach ($from as $link) {
                    self::assertGreaterThanOrEqual(($link['from'] === null ? 0 : $pedigree->generation($link['from'])) + (int) $link['grown'], $pedigree->generation($lot));
                }
                self::assertNotContains($lot, $pedigree->forebears($lot));
                self::assertLessThanOrEqual(count($pedigree->forebears($lot)) + 1, $pedigree->generation($lot));
            }
        }
    }
}
