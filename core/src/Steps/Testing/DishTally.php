<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Testing;

use Marrow\Core\Folding\Misfit;

/** What was counted in each dish of a test, and which of them tell nothing. */
final class DishTally
{
    /** @var list<array{at: \DateTimeImmutable, counted: TestCounted}> */
    public array $counts = [];

    /** @var array<int, true> dishes that tell nothing, from 0 */
    private array $lost = [];

    /** @param  int  $seeds  in each dish */
    public function __construct(private readonly int $dishes, private readonly int $seeds) {}

    public function add(TestCounted $counted, \DateTimeImmutable $at): void
    {
        $this->counts[] = ['at' => $at, 'counted' => $counted];
    }

    /** @throws Misfit where its lists are not of as many dishes, or more is counted than was laid */
    public function mustFit(TestCounted $counted): void
    {
        foreach (['normal' => $counted->normal, 'abnormal' => $counted->abnormal, 'mouldy' => $counted->mouldy, 'eaten' => $counted->eaten] as $field => $list) {
            // What is seldom counted may be left out.
            if (count($list) !== $this->dishes && ! ($list === [] && in_array($field, ['mouldy', 'eaten'], true))) {
                throw Misfit::at($field, sprintf('This test has %d replicates; give a count for each.', $this->dishes));
            }
        }
        foreach ($counted->normal as $i => $new) {
            $total = $this->takenOut($i) + $new + $counted->abnormal[$i] + ($counted->mouldy[$i] ?? 0) + ($counted->eaten[$i] ?? 0);
            if ($total > $this->seeds) {
                throw Misfit::at('normal', sprintf('More seedlings than seeds: that would make %d from the %d seeds%s.', $total, $this->seeds, $this->dishes > 1 ? ' of replicate '.($i + 1) : ''));
            }
        }
    }

    /** @throws Misfit where more is judged than is left */
    public function mustBeLeft(TestEnded $ended): void
    {
        for ($i = 0; $i < $this->dishes; $i++) {
            $judged = ($ended->hard[$i] ?? 0) + ($ended->fresh[$i] ?? 0) + ($ended->empty[$i] ?? 0);
            $there = $this->seeds - $this->takenOut($i);
            if ($judged > $there) {
                throw Misfit::at('hard', sprintf('Of replicate %d only %d are left to be judged; that would make %d.', $i + 1, $there, $judged));
            }
        }
    }

    /** @throws Misfit where there is no such dish, or nothing would be left */
    public function lose(int $dish): void
    {
        if ($dish > $this->dishes) {
            throw Misfit::at('dish', sprintf('This test has %d replicates.', $this->dishes));
        }
        if (count($this->lost + [$dish - 1 => true]) >= $this->dishes) {
            throw Misfit::at('dish', 'With that nothing would be left of the test: strike its start instead.');
        }
        $this->lost[$dish - 1] = true;
    }

    public function lost(): int
    {
        return count($this->lost);
    }

    /** @return list<int> numbers of those that tell, from 1 */
    public function telling(): array
    {
        return array_values(array_diff(range(1, $this->dishes), array_map(static fn (int $i): int => $i + 1, array_keys($this->lost))));
    }

    /**
     * @param  list<int>  $list  one a dish; may be empty
     * @return int of those that tell
     */
    public function sum(array $list): int
    {
        return array_sum(array_diff_key($list, $this->lost));
    }

    /**
     * @param  'normal'|'abnormal'|'mouldy'|'eaten'  $which
     * @return list<int> of each dish that tells
     */
    public function each(string $which): array
    {
        $sums = array_fill(0, $this->dishes, 0);
        foreach ($this->counts as ['counted' => $counted]) {
            $list = match ($which) {
                'normal' => $counted->normal,
                'abnormal' => $counted->abnormal,
                'mouldy' => $counted->mouldy,
                'eaten' => $counted->eaten,
            };
            foreach ($list as $i => $new) {
                $sums[$i] += $new;
            }
        }

        return array_values(array_diff_key($sums, $this->lost));
    }

    /** @return list<int> seeds that tell in each dish that does: without what was eaten */
    public function laid(): array
    {
        return array_map(fn (int $eaten): int => $this->seeds - $eaten, $this->each('eaten'));
    }

    /** Of one dish, up, rotten or eaten so far. */
    private function takenOut(int $i): int
    {
        return array_sum(array_map(static fn (array $count): int => $count['counted']->normal[$i] + $count['counted']->abnormal[$i] + ($count['counted']->mouldy[$i] ?? 0) + ($count['counted']->eaten[$i] ?? 0), $this->counts));
    }
}
