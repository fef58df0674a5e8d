<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Population;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Population\Descent;
use Marrow\Core\Population\Pedigree;
use Marrow\Core\Population\Role;
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
            'B' => [new Descent('A')],
            'C' => [new Descent('B', Role::Part)],
            'D' => [new Descent('C')],
            'E' => [new Descent('A', Role::Part), new Descent('D', Role::Part)],
            'F' => [new Descent(null)],
        ]);
        self::assertSame([0, 1, 1, 2, 2, 1], array_map($pedigree->generation(...), ['A', 'B', 'C', 'D', 'E', 'F']));
        self::assertSame(['A', 'D', 'C', 'B'], $pedigree->forebears('E'));
        self::assertSame([true, false], [$pedigree->isWhole('E'), $pedigree->isWhole('F')]);
    }

    public function test_generations_after_a_cross_are_counted_from_it(): void
    {
        // X is crossed of A with B; F2 to F4 grown from it, a part of F3 set apart; M mixed of F2 and F4; S called stable after F4, T grown from it; H a bought
        // F4, I grown from that; Y crossed of F3 with a father of whom only words are known.
        $pedigree = new Pedigree([
            'X' => [new Descent('A'), new Descent('B', Role::Father)],
            'F2' => [new Descent('X')],
            'F3' => [new Descent('F2')],
            'part' => [new Descent('F3', Role::Part)],
            'F4' => [new Descent('part')],
            'M' => [new Descent('F2', Role::Part), new Descent('F4', Role::Part)],
            'S' => [new Descent('F4')],
            'T' => [new Descent('S')],
            'I' => [new Descent('H')],
            'Y' => [new Descent('F3'), new Descent(null, Role::Father)],
            'odd' => [new Descent('F2', Role::Part), new Descent('A', Role::Part)],
        ], ['H' => 4], ['S' => true]);
        self::assertSame([null, 1, 2, 3, 3, 4, 4, null, null, 5, 1, null], array_map($pedigree->filial(...), ['A', 'X', 'F2', 'F3', 'part', 'F4', 'M', 'S', 'T', 'I', 'Y', 'odd']));
        self::assertSame([1, 3, 5, 6], array_map($pedigree->generation(...), ['X', 'F3', 'S', 'T']), 'own generations are counted on, whatever it is called');
        self::assertSame(['T', 'S', 'F4', 'part', 'F3', 'F2', 'X', 'A'], $pedigree->motherLine('T'));
        self::assertTrue($pedigree->isWhole('Y'), 'a father in words leaves its mothers known');
    }

    public function test_what_a_mixture_is_made_of_comes_to_a_whole(): void
    {
        // A and B poured 3 to 1, grown, C poured in half and half; X a cross of that by D.
        $pedigree = new Pedigree([
            'M' => [new Descent('A', Role::Part, share: 0.75), new Descent('B', Role::Part, share: 0.25)],
            'G' => [new Descent('M')],
            'N' => [new Descent('G', Role::Part), new Descent('C', Role::Part)],
            'X' => [new Descent('N'), new Descent('D', Role::Father)],
            'Y' => [new Descent(null), new Descent('D', Role::Father), new Descent('A', Role::Father)],
        ]);
        self::assertEqualsWithDelta(['A' => 0.75, 'B' => 0.25], $pedigree->sources('G'), 1e-12);
        self::assertEqualsWithDelta(['D' => 0.5, 'C' => 0.25, 'A' => 0.1875, 'B' => 0.0625], $pedigree->sources('X'), 1e-12);
        self::assertEqualsWithDelta(['' => 0.5, 'D' => 0.25, 'A' => 0.25], $pedigree->sources('Y'), 1e-12);
        self::assertSame(['A' => 1.0], $pedigree->sources('A'));
    }

    public function test_nobody_is_their_own_forebear(): void
    {
        $this->expectException(InvalidFigure::class);
        (new Pedigree(['A' => [new Descent('B')], 'B' => [new Descent('A', Role::Father)]]))->generation('A');
    }

    public function test_over_random_families_generations_never_fall_along_a_link(): void
    {
        $chance = new Randomizer(new Mt19937(5));
        for ($try = 0; $try < 300; $try++) {
            $links = [];
            for ($lot = 1; $lot < 40; $lot++) {
                $links["L$lot"] = array_map(static fn (): Descent => new Descent($chance->getInt(0, 9) === 0 ? null : 'L'.$chance->getInt(0, $lot - 1), Role::cases()[$chance->getInt(0, 2)]), range(0, $chance->getInt(0, 2)));
            }
            $pedigree = new Pedigree($links);
            foreach ($links as $lot => $from) {
                foreach ($from as $link) {
                    self::assertGreaterThanOrEqual(($link->from === null ? 0 : $pedigree->generation($link->from)) + (int) $link->isGrown(), $pedigree->generation($lot));
                    $before = $link->from === null ? null : $pedigree->filial($link->from);
                    // A generation after a cross falls at a cross alone, which begins it anew.
                    if ($before !== null && $pedigree->filial($lot) !== null && ! $pedigree->isCross($lot)) {
                        self::assertGreaterThanOrEqual($before + (int) $link->isGrown(), $pedigree->filial($lot));
                    }
                }
                self::assertNotContains($lot, $pedigree->forebears($lot));
                self::assertEqualsWithDelta(1.0, array_sum($pedigree->sources($lot)), 1e-9);
                self::assertLessThanOrEqual(count($pedigree->forebears($lot)) + 1, $pedigree->generation($lot));
            }
        }
    }
}
