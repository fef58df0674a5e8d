<?php

declare(strict_types=1);

namespace Marrow\Core\Season\Internal;

use Marrow\Core\Season\SearchStopped;
use Marrow\Core\Season\SearchWatch;

/**
 * Finds the cheapest choice for each of a group of plantings such that every one kept true stays within its allowed
 * share: branch and bound over all of them at once, from the best way that a quick look finds.
 *
 * At every branch three things are ruled out, again and again until nothing changes: a choice that costs more than is left
 * below the best way known; one that would take too much pollen even if every other planting did its utmost; and one
 * that others could only make room for by measures that cost more than is left. The search is exact unless it meets
 * its limit of steps.
 */
final class Search
{
    private const EPSILON = 1e-9;

    private float $bestCost = INF;

    /** @var ?list<int> */
    private ?array $best = null;

    private int $steps = 0;

    private ?SearchWatch $watch = null;

    private readonly QuickWay $quick;

    /**
     * @param  list<non-empty-list<Choice>>  $choices  of each planting, the cheapest first
     * @param  bool  $isExact  whether those are all there are; false after a search that met its limit
     */
    public function __construct(private readonly array $choices, private readonly PollenTable $table, private readonly int $mostSteps, public bool $isExact = true)
    {
        $this->quick = new QuickWay($table);
    }

    /** What the search has cost so far, in comparisons of two choices. */
    public function steps(): int
    {
        return $this->steps;
    }

    /**
     * @return ?list<Choice> of each planting; null when nothing fits
     *
     * @throws SearchStopped
     */
    public function run(?SearchWatch $watch = null): ?array
    {
        $this->watch = $watch;
        $quick = $this->quick->find();
        if ($quick !== null) {
            $this->keep($quick);
        }
        $this->descend(array_map(array_keys(...), $this->choices));
        if ($this->best === null) {
            return null;
        }
        $chosen = [];
        foreach ($this->best as $p => $c) {
            $chosen[] = $this->choices[$p][$c];
        }

        return $chosen;
    }

    /** @param  list<int>  $way  choice of each planting */
    private function keep(array $way): void
    {
        if ($this->table->costOf($way) < $this->bestCost - self::EPSILON) {
            $this->best = $this->quick->cheaper($way);
            $this->bestCost = $this->table->costOf($this->best);
        }
    }

    /** @param  list<list<int>>  $open  choices of each planting that are still possible, the cheapest first */
    private function descend(array $open): void
    {
        if ($this->steps > $this->mostSteps) {
            $this->isExact = false;

            return;
        }
        $this->watch?->at($this->steps);
        $open = $this->narrow($open);
        if ($open === null) {
            return;
        }
        $branch = $this->mostTroubled($open);
        if ($branch === null) {
            // Every planting can have its cheapest: nothing below is cheaper.
            $this->keep(array_map(static fn (array $choices): int => $choices[0], $open));

            return;
        }
        foreach ($open[$branch] as $c) {
            $then = $open;
            $then[$branch] = [$c];
            $this->descend($then);
        }
    }

    /**
     * Rules out until nothing changes.
     *
     * @param  list<list<int>>  $open
     * @return ?list<non-empty-list<int>> null when some planting has nothing left
     */
    private function narrow(array $open): ?array
    {
        do {
            $changed = false;
            $bound = 0.0;
            foreach ($open as $p => $choices) {
                $bound += $this->table->cost[$p][$choices[0]];
            }
            $left = $this->bestCost - self::EPSILON - $bound;
            if ($left <= 0.0) {
                return null;
            }
            foreach ($open as $p => $choices) {
                $cheapest = $this->table->cost[$p][$choices[0]];
                $possible = [];
                foreach ($choices as $c) {
                    $dearer = $this->table->cost[$p][$c] - $cheapest;
                    if ($dearer < $left && $this->canBe($p, $c, $open, $left - $dearer)) {
                        $possible[] = $c;
                    }
                }
                if ($possible === []) {
                    return null;
                }
                if (count($possible) < count($choices)) {
                    $open[$p] = $possible;
                    $changed = true;
                }
            }
        } while ($changed);

        return $open;
    }

    /**
     * Whether the others can make room for a choice with measures that cost no more than what is left: at each planting's
     * best rate of pollen kept away for its cost, up to the most that it can keep away.
     *
     * @param  list<list<int>>  $open
     * @param  float  $left  what may still be spent over the cheapest choice of each
     */
    private function canBe(int $p, int $c, array $open, float $left): bool
    {
        $sum = $this->table->fixed[$p][$c];
        $room = $this->table->room[$p];
        $rates = [];
        $most = [];
        $from = $this->table->taken[$p][$c];
        foreach ($open as $q => $choices) {
            if ($q === $p) {
                continue;
            }
            $this->steps += count($choices);
            $start = $this->table->start[$q];
            $now = $from[$start + $choices[0]];
            if ($now === 0.0) {
                continue;
            }
            $cheapest = $this->table->cost[$q][$choices[0]];
            $rate = 0.0;
            $least = $now;
            foreach ($choices as $d) {
                $then = $from[$start + $d];
                if ($then < $now) {
                    $dearer = $this->table->cost[$q][$d] - $cheapest;
                    if ($dearer >= $left) {
                        break;
                    }
                    $least = min($least, $then);
                    $rate = max($rate, $dearer <= 0.0 ? INF : ($now - $then) / $dearer);
                }
            }
            // What is kept away for nothing is taken as kept away, whatever more could be.
            if ($rate === INF) {
                $sum += $least;
            } else {
                $sum += $now;
                if ($rate > 0.0) {
                    $rates[] = $rate;
                    $most[] = $now - $least;
                }
            }
        }
        if ($sum <= $room) {
            return true;
        }
        arsort($rates);
        $over = $sum - $room;
        foreach ($rates as $i => $rate) {
            if ($over <= $most[$i]) {
                return $over / $rate <= $left;
            }
            $over -= $most[$i];
            $left -= $most[$i] / $rate;
            if ($left <= 0.0) {
                return false;
            }
        }

        return false;
    }

    /**
     * With every planting at its cheapest, the one of which a choice does most for the planting that is furthest over.
     *
     * @param  list<non-empty-list<int>>  $open
     */
    private function mostTroubled(array $open): ?int
    {
        $worst = null;
        $furthest = 1.0;
        foreach ($open as $p => $choices) {
            $sum = $this->table->fixed[$p][$choices[0]];
            $from = $this->table->taken[$p][$choices[0]];
            foreach ($this->table->start as $q => $start) {
                $sum += $from[$start + $open[$q][0]];
            }
            $over = $this->table->room[$p] > 0.0 ? $sum / $this->table->room[$p] : ($sum > 0.0 ? INF : 0.0);
            if ($over > $furthest) {
                $furthest = $over;
                $worst = $p;
            }
        }
        if ($worst === null) {
            return null;
        }
        if (count($open[$worst]) > 1) {
            return $worst;
        }
        $most = -1.0;
        $branch = null;
        $from = $this->table->taken[$worst][$open[$worst][0]];
        foreach ($this->table->start as $q => $start) {
            if (count($open[$q]) > 1 && $from[$start + $open[$q][0]] > $most) {
                $most = $from[$start + $open[$q][0]];
                $branch = $q;
            }
        }

        return $branch;
    }
}
