<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Rota;

use Marrow\Core\Rota\Cliques;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Groups in which every two belong together. */
final class CliquesTest extends TestCase
{
    public function test_all_that_belong_together_are_one_group_and_a_chain_is_none(): void
    {
        $this->assertSame([['a', 'b', 'c']], Cliques::of([['b', 'a'], ['c', 'a'], ['b', 'c']]));
        $this->assertSame([['a', 'b'], ['b', 'c']], Cliques::of([['b', 'c'], ['a', 'b']]));
        $this->assertSame([['1', '2']], Cliques::of([['2', '1']]), 'names that are numbers stay names');
        $this->assertSame([], Cliques::of([]));
    }

    public function test_each_pair_is_in_exactly_one_group_and_no_other_is(): void
    {
        $dice = new Randomizer(new Mt19937(3));
        for ($n = 0; $n < 50; $n++) {
            $wanted = [];
            for ($i = 0; $i < 25; $i++) {
                [$a, $b] = [$dice->getInt(0, 8), $dice->getInt(0, 8)];
                if ($a !== $b) {
                    $wanted[min($a, $b).' '.max($a, $b)] = ['line '.min($a, $b), 'line '.max($a, $b)];
                }
            }
            $found = [];
            foreach (Cliques::of(array_values($wanted)) as $group) {
                sort($group);
                foreach ($group as $i => $a) {
                    foreach (array_slice($group, $i + 1) as $b) {
                        $found[] = [$a, $b];
                    }
                }
            }
            sort($found);
            $pairs = array_values($wanted);
            sort($pairs);
            $this->assertSame($pairs, $found);
        }
    }
}
