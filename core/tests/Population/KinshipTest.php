<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Population;

use Marrow\Core\Population\Descent;
use Marrow\Core\Population\Kinship;
use Marrow\Core\Population\Pedigree;
use Marrow\Core\Population\Role;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** How related lots are, against genes dropped through them by chance. */
final class KinshipTest extends TestCase
{
    private const PLANTS = 60;

    /**
     * Each founder carries two genes of its own; every plant after has one of each parent, either by even chance, both parents drawn alike from
     * those that gave seed. Two plants of the last lot share as often as is reckoned.
     *
     * @param  list<int>  $parents  of each lot in turn
     */
    #[TestWith([[6, 3, 20]])]
    #[TestWith([[12, 5]])]
    #[TestWith([[4, 10, 10, 2]])]
    public function test_genes_dropped_by_chance_are_shared_as_often(array $parents): void
    {
        $chance = new Randomizer(new Mt19937(7));
        $shared = $tried = 0;
        for ($play = 0; $play < 1500; $play++) {
            $plants = null;
            foreach ($parents as $many) {
                // The first lot's parents come from nowhere: no gene of theirs is another's.
                $gave = $plants === null ? array_map(static fn (int $n): array => [2 * $n, 2 * $n + 1], range(0, $many - 1)) : self::some($plants, $many, $chance);
                $plants = [];
                for ($n = 0; $n < self::PLANTS; $n++) {
                    $plants[] = [$gave[$chance->getInt(0, $many - 1)][$chance->getInt(0, 1)], $gave[$chance->getInt(0, $many - 1)][$chance->getInt(0, 1)]];
                }
            }
            for ($n = 0; $n < 40; $n++) {
                [$one, $other] = self::some($plants ?? [], 2, $chance);
                $shared += (int) ($one[$chance->getInt(0, 1)] === $other[$chance->getInt(0, 1)]);
                $tried++;
            }
        }
        $told = 'L0=:'.$parents[0];
        foreach (array_slice($parents, 1) as $n => $many) {
            $told .= sprintf(',L%d=L%d:%d', $n + 1, $n, $many);
        }
        $kinship = Kinship::told($told)->within('L'.(count($parents) - 1));
        self::assertEqualsWithDelta($kinship, $shared / $tried, 4 * sqrt($kinship * (1 - $kinship) / 1500), $told);
    }

    /**
     * Two inbred lines crossed, the F1 selfed twice, one plant chosen: genes dropped by chance are shared as often as is reckoned, though
     * what selfing settles to is far off yet.
     */
    public function test_genes_dropped_through_a_cross_are_shared_as_often(): void
    {
        $chance = new Randomizer(new Mt19937(21));
        $self = static fn (array $plant): array => [$plant[$chance->getInt(0, 1)], $plant[$chance->getInt(0, 1)]];
        $shared = ['f1' => 0, 'f2' => 0, 'f3' => 0, 'f4' => 0];
        for ($play = 0; $play < 6000; $play++) {
            $f1 = [1, 2];
            $second = array_map(static fn (): array => $self($f1), range(1, 2));
            $third = array_map(static fn (): array => $self($second[0]), range(1, 2));
            $fourth = array_map(static fn (): array => $self($third[0]), range(1, 2));
            foreach (['f1' => [$f1, $f1], 'f2' => $second, 'f3' => $third, 'f4' => $fourth] as $of => [$one, $other]) {
                $shared[$of] += (int) ($one[$chance->getInt(0, 1)] === $other[$chance->getInt(0, 1)]);
            }
        }
        // The F2 is off one F1 plant, the F3 off one F2 plant, the F4 off one F3 plant.
        $kinship = Kinship::told('A=:1,B=:1,f1=A:1xB:1,f2=f1:1,f3=f2:1,f4=f3:1', 0.0);
        foreach ($shared as $of => $times) {
            $reckoned = $kinship->within($of);
            self::assertEqualsWithDelta($reckoned, $times / 6000, 4 * sqrt($reckoned * (1 - $reckoned) / 6000), $of);
        }
        self::assertEqualsWithDelta([0.5, 0.5, 0.75, 0.875], array_map($kinship->within(...), ['f1', 'f2', 'f3', 'f4']), 1e-12);
        self::assertEqualsWithDelta(0.5, $kinship->between('A', 'f1'), 1e-12, 'half of what a cross has is its mother’s');
    }

    public function test_a_pedigree_is_reckoned_as_the_same_told_in_words(): void
    {
        $pedigree = new Pedigree([
            'B' => [new Descent('A', plants: 4, plantsOf: 'P1')],
            'B2' => [new Descent('A', plants: 4, plantsOf: 'P1')],
            'C' => [new Descent('A', plants: 30, plantsOf: 'P2')],
            'D' => [new Descent('B', Role::Part, share: 0.6), new Descent('C', Role::Part, share: 0.4)],
            'E' => [new Descent('B', plants: 2, plantsOf: 'P3'), new Descent('C', Role::Father, 1)],
            'whole' => [new Descent('D', Role::Part)],
        ]);
        $reckoned = Kinship::ofPedigree($pedigree, ['B2', 'D', 'E', 'whole']);
        $told = Kinship::told('A=:1000000,B=A:4,C=A:30,D=B*0.6+C*0.4,E=B:2xC:1');
        foreach ([['B', 'B'], ['D', 'D'], ['B', 'C'], ['E', 'E'], ['E', 'D']] as [$one, $other]) {
            self::assertEqualsWithDelta($told->between($one, $other), $reckoned->between($one, $other), 1e-12, "$one $other");
        }
        // Two pickings off the same plants are one lot by their genes; what is set apart is what it was.
        self::assertTrue($reckoned->isOne('B', 'B2'));
        self::assertSame($reckoned->within('B'), $reckoned->between('B', 'B2'));
        self::assertEqualsWithDelta($reckoned->within('D'), $reckoned->within('whole'), 1e-12);
    }

    public function test_lots_are_never_less_related_by_another_growing_out(): void
    {
        $chance = new Randomizer(new Mt19937(11));
        for ($try = 0; $try < 200; $try++) {
            $told = ['A=:'.$chance->getInt(1, 40)];
            for ($n = 1; $n < 8; $n++) {
                $told[] = sprintf('%s=%s:%d', chr(65 + $n), chr(64 + $n), $chance->getInt(1, 40));
            }
            $crossing = $chance->getInt(0, 10) / 10;
            $kinship = Kinship::told(implode(', ', $told), $crossing);
            for ($n = 1; $n < 8; $n++) {
                [$before, $after] = [$kinship->within(chr(64 + $n)), $kinship->within(chr(65 + $n))];
                self::assertGreaterThanOrEqual(0.0, $after);
                self::assertLessThanOrEqual(1.0, $after);
                // What one gene in two meets of its own plant is never less than what it meets of the lot.
                self::assertGreaterThanOrEqual($before - 1e-12, $after, implode(', ', $told));
                self::assertEqualsWithDelta($before, $kinship->between(chr(64 + $n), chr(65 + $n)), 1e-12, 'a plant and one of the lot before');
                self::assertSame($kinship->between('A', chr(65 + $n)), $kinship->between(chr(65 + $n), 'A'));
            }
        }
    }

    public function test_a_mixture_of_strangers_is_less_related_than_either(): void
    {
        $kinship = Kinship::told('A=:3,B=:3,M=A*0.5+B*0.5,N=M*1');
        self::assertEqualsWithDelta($kinship->within('A') / 2, $kinship->within('M'), 1e-12);
        self::assertEqualsWithDelta($kinship->within('M'), $kinship->within('N'), 1e-12);
        self::assertSame(0.0, $kinship->between('A', 'B'));
    }

    /**
     * @param  list<array{int, int}>  $plants
     * @return list<array{int, int}> so many of them, none twice
     */
    private static function some(array $plants, int $many, Randomizer $chance): array
    {
        return array_map(static fn (int|string $key): array => $plants[$key], $chance->pickArrayKeys($plants, $many));
    }
}
