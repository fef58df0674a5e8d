<?php

declare(strict_types=1);

namespace Marrow\Core\Season\Internal;

/**
 * A way that does, found quickly: at every turn the change that takes away most of what is too much for its cost, then every
 * measure made cheaper that can be, alone or while one other is changed. Where the search starts from, so that it need not
 * look at what is dearer.
 */
final readonly class QuickWay
{
    private const EPSILON = 1e-9;

    /** What a change that costs nothing is weighed as, in mornings. */
    private const NEXT_TO_NOTHING = 0.01;

    /** Of more plantings than these every change at every turn takes too long to try. */
    private const FEW = 40;

    public function __construct(private PollenTable $table) {}

    /** @return ?list<int> choice of each planting; null when it finds none */
    public function find(): ?array
    {
        $ways = array_filter([
            count($this->table->cost) > self::FEW ? null : $this->byGain(),
            // And from the other end: everything at its dearest, which gives and takes least, or at the cheapest that takes nothing.
            $this->ifItDoes(array_map(static fn (array $costs): int => count($costs) - 1, $this->table->cost)),
            $this->ifItDoes(array_map($this->cheapestSafe(...), array_keys($this->table->cost))),
        ]);
        usort($ways, fn (array $a, array $b): int => $this->table->costOf($a) <=> $this->table->costOf($b));

        return $ways[0] ?? null;
    }

    /**
     * The same with every measure made cheaper that can be.
     *
     * @param  list<int>  $way  one that does
     * @return list<int>
     */
    public function cheaper(array $way): array
    {
        $sums = $this->sums($way);
        do {
            $changed = false;
            foreach ($way as $p => $now) {
                for ($c = 0; $c < $now; $c++) {
                    $then = $this->changed($sums, $way, $p, $c);
                    $one = self::with($way, $p, $c);
                    $over = $this->firstOver($then);
                    $with = match (true) {
                        $over === null => $one,
                        count($way) > self::FEW => null,
                        default => $this->inExchange($one, $then, $over, $p, $this->table->cost[$p][$now] - $this->table->cost[$p][$c]),
                    };
                    if ($with !== null) {
                        $way = $with;
                        $sums = $this->sums($way);
                        $changed = true;
                        break;
                    }
                }
            }
        } while ($changed);

        return $way;
    }

    /** The cheapest choice that no pollen gets to, or the dearest. */
    private function cheapestSafe(int $p): int
    {
        foreach ($this->table->taken[$p] as $c => $from) {
            if ($this->table->fixed[$p][$c] + array_sum($from) <= 0.0) {
                return $c;
            }
        }

        return count($this->table->cost[$p]) - 1;
    }

    /** @return ?list<int> */
    private function byGain(): ?array
    {
        $way = array_map(static fn (): int => 0, $this->table->cost);
        $sums = $this->sums($way);
        for ($over = $this->over($sums); $over > 0.0; $over = $this->over($sums)) {
            $change = null;
            $best = 0.0;
            foreach ($this->table->cost as $p => $costs) {
                foreach ($costs as $c => $cost) {
                    $gain = $c === $way[$p] ? 0.0 : ($over - $this->over($this->changed($sums, $way, $p, $c))) / max(self::NEXT_TO_NOTHING, $cost - $costs[$way[$p]]);
                    if ($gain > $best) {
                        $best = $gain;
                        $change = [$p, $c];
                    }
                }
            }
            if ($change === null) {
                return null;
            }
            $way = self::with($way, ...$change);
            $sums = $this->sums($way);
        }

        return $this->cheaper($way);
    }

    /**
     * @param  list<int>  $way
     * @return ?list<int>
     */
    private function ifItDoes(array $way): ?array
    {
        return $this->firstOver($this->sums($way)) === null ? $this->cheaper($way) : null;
    }

    /**
     * One other planting changed so that a way does that would not, for less than was saved.
     *
     * @param  list<int>  $way
     * @param  list<float>  $sums
     * @param  int  $over  a planting that takes too much
     * @return ?list<int>
     */
    private function inExchange(array $way, array $sums, int $over, int $p, float $saved): ?array
    {
        $toOver = $this->table->taken[$over][$way[$over]];
        foreach ($way as $q => $now) {
            foreach ($q === $p ? [] : $this->table->cost[$q] as $d => $cost) {
                if ($d === $now || $cost - $this->table->cost[$q][$now] >= $saved - self::EPSILON) {
                    continue;
                }
                $start = $this->table->start[$q];
                $helps = $q === $over || $this->table->room[$over] >= $sums[$over] - $toOver[$start + $now] + $toOver[$start + $d];
                if ($helps && $this->firstOver($this->changed($sums, $way, $q, $d)) === null) {
                    return self::with($way, $q, $d);
                }
            }
        }

        return null;
    }

    /**
     * @param  list<int>  $way
     * @return list<int>
     */
    private static function with(array $way, int $p, int $c): array
    {
        $way[$p] = $c;

        return array_values($way);
    }

    /**
     * Pollen that each takes.
     *
     * @param  list<int>  $way
     * @return list<float>
     */
    private function sums(array $way): array
    {
        return array_map(fn (int $p): float => $this->sum($way, $p), array_keys($way));
    }

    /** @param  list<int>  $way */
    private function sum(array $way, int $p): float
    {
        $sum = $this->table->fixed[$p][$way[$p]];
        $from = $this->table->taken[$p][$way[$p]];
        foreach ($this->table->start as $q => $start) {
            $sum += $from[$start + $way[$q]];
        }

        return $sum;
    }

    /**
     * Pollen that each takes after one has changed.
     *
     * @param  list<float>  $sums
     * @param  list<int>  $way  before the change
     * @return list<float>
     */
    private function changed(array $sums, array $way, int $p, int $c): array
    {
        $now = $way[$p];
        $start = $this->table->start[$p];
        $then = [];
        foreach ($way as $q => $d) {
            $from = $this->table->taken[$q][$d];
            $then[] = $q === $p ? $this->sum(self::with($way, $p, $c), $p) : $sums[$q] + $from[$start + $c] - $from[$start + $now];
        }

        return $then;
    }

    /**
     * Pollen over the room of each, summed up.
     *
     * @param  list<float>  $sums
     */
    private function over(array $sums): float
    {
        $over = 0.0;
        foreach ($sums as $p => $sum) {
            $over += max(0.0, $sum - $this->table->room[$p]);
        }

        return $over;
    }

    /** @param  list<float>  $sums */
    private function firstOver(array $sums): ?int
    {
        foreach ($sums as $p => $sum) {
            if ($sum > $this->table->room[$p]) {
                return $p;
            }
        }

        return null;
    }
}
