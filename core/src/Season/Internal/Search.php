<?php

declare(strict_types=1);

namespace Marrow\Core\Season\Internal;

use Marrow\Core\Season\PollenMeter;
use Marrow\Core\Season\Site;

/**
 * Finds the cheapest choice for each of a group of plantings such that every one kept true stays within its allowed
 * share: branch and bound over all of them at once. Shares combine as 1 − Π(1 − s), so −ln(1 − s) of the sources add up,
 * and a planting is within its share while their sum is within −ln(1 − allowed).
 *
 * A choice that is impossible beside those made stays so, since more sources only add; the bound on what is still to be
 * chosen is the cheapest possible choice of each. The search is exact unless it meets its limit of steps.
 */
final class Search
{
    /** Rounding must not refuse what is just within. */
    private const SLACK = 1e-12;

    /** @var list<float> room left for pollen, in −ln(1 − share) */
    private array $room = [];

    /** @var array<int, array<int, array<int, array<int, float>>>> full share by planting, spot, source, spot */
    private array $blooming = [];

    private float $bestCost = INF;

    /** @var ?list<int> */
    private ?array $best = null;

    private int $steps = 0;

    public bool $isExact = true;

    /**
     * @param  list<Site>  $sites  of the plantings, as they are planned
     * @param  list<non-empty-list<Choice>>  $choices  of each planting, the cheapest first
     * @param  list<Site>  $fixed  sources that nothing is done about
     * @param  list<float>  $allowed  of each planting
     */
    public function __construct(
        private readonly array $sites,
        private readonly array $choices,
        private readonly array $fixed,
        array $allowed,
        private readonly PollenMeter $meter,
        private readonly int $mostSteps,
    ) {
        foreach ($allowed as $share) {
            $this->room[] = $share >= 1.0 ? INF : -log1p(-$share) + self::SLACK;
        }
    }

    /** What the search has cost so far. */
    public function steps(): int
    {
        return $this->steps;
    }

    /** @return ?list<Choice> of each planting; null when nothing fits */
    public function run(): ?array
    {
        $possible = [];
        foreach ($this->choices as $p => $choices) {
            $possible[$p] = [];
            foreach ($choices as $c => $choice) {
                $from = $this->fromFixed($p, $choice);
                if ($from <= $this->room[$p]) {
                    $possible[$p][$c] = $from;
                }
            }
            if ($possible[$p] === []) {
                return null;
            }
        }
        $this->descend($possible, [], [], 0.0);
        if ($this->best === null) {
            return null;
        }
        $chosen = [];
        foreach ($this->best as $p => $c) {
            $chosen[] = $this->choices[$p][$c];
        }

        return $chosen;
    }

    /**
     * @param  array<int, array<int, float>>  $possible  pollen so far, by planting still to be chosen and its choices
     * @param  array<int, int>  $chosen
     * @param  array<int, float>  $taken  pollen so far of those chosen
     */
    private function descend(array $possible, array $chosen, array $taken, float $cost): void
    {
        if ($possible === []) {
            if ($cost < $this->bestCost - 1e-9) {
                $this->bestCost = $cost;
                ksort($chosen);
                $this->best = array_values($chosen);
            }

            return;
        }
        if ($this->steps > $this->mostSteps) {
            $this->isExact = false;

            return;
        }
        $bound = $cost;
        $next = -1;
        $dearest = -1.0;
        foreach ($possible as $p => $choices) {
            // The choices stand in order of cost, so the first that is possible is the cheapest.
            $cheapest = $this->choices[$p][array_key_first($choices) ?? 0]->cost;
            $bound += $cheapest;
            // The one with the fewest ways out first: what must be paid is then paid early.
            $urgency = $cheapest + 1.0 / count($choices);
            if ($urgency > $dearest) {
                $dearest = $urgency;
                $next = $p;
            }
        }
        if ($bound >= $this->bestCost - 1e-9) {
            return;
        }
        $ways = $possible[$next];
        unset($possible[$next]);
        foreach ($ways as $c => $from) {
            $this->try($next, $c, $from, $possible, $chosen, $taken, $cost);
        }
    }

    /**
     * @param  array<int, array<int, float>>  $possible
     * @param  array<int, int>  $chosen
     * @param  array<int, float>  $taken
     */
    private function try(int $p, int $c, float $from, array $possible, array $chosen, array $taken, float $cost): void
    {
        $choice = $this->choices[$p][$c];
        foreach ($chosen as $q => $d) {
            $other = $this->choices[$q][$d];
            if ($choice->remedy?->spot !== null && $choice->place->overlaps($other->place)) {
                return;
            }
        }
        $left = [];
        foreach ($possible as $q => $choices) {
            foreach ($choices as $d => $so_far) {
                $this->steps++;
                $other = $this->choices[$q][$d];
                $so_far += $this->pollen($q, $other, $p, $choice);
                if ($so_far > $this->room[$q] || $from + $this->pollen($p, $choice, $q, $other) > $this->room[$p]) {
                    continue;
                }
                if (! $this->roomForAll($chosen, $taken, $q, $other)) {
                    continue;
                }
                $left[$q][$d] = $so_far;
            }
            if (! isset($left[$q])) {
                return;
            }
        }
        foreach ($chosen as $q => $d) {
            $taken[$q] += $this->pollen($q, $this->choices[$q][$d], $p, $choice);
            if ($taken[$q] > $this->room[$q]) {
                return;
            }
        }
        $chosen[$p] = $c;
        $taken[$p] = $from;
        $this->descend($left, $chosen, $taken, $cost + $choice->cost);
    }

    /**
     * @param  array<int, int>  $chosen
     * @param  array<int, float>  $taken
     */
    private function roomForAll(array $chosen, array $taken, int $q, Choice $other): bool
    {
        if (! $other->gives) {
            return true;
        }
        foreach ($chosen as $r => $e) {
            if ($this->room[$r] < $taken[$r] + $this->pollen($r, $this->choices[$r][$e], $q, $other)) {
                return false;
            }
        }

        return true;
    }

    private function fromFixed(int $p, Choice $choice): float
    {
        if (! $choice->takes) {
            return 0.0;
        }
        $sum = 0.0;
        foreach ($this->fixed as $source) {
            $share = $this->meter->shareBlooming($this->sites[$p], $choice->place, $source, $source->place);
            if ($source->gives && $share > 0.0) {
                $sum += self::amount($share * ($source->bloom === null ? 1.0 : self::overlap($choice, $source->bloom->firstDay, $source->bloom->lastDay)));
            }
        }

        return $sum;
    }

    /** Pollen that one planting's choice takes from another's. */
    private function pollen(int $p, Choice $choice, int $q, Choice $other): float
    {
        if (! $choice->takes || ! $other->gives || ($choice->alternate && $other->alternate)) {
            return 0.0;
        }
        $overlap = self::overlap($choice, $other->from, $other->to);
        if ($overlap <= 0.0) {
            return 0.0;
        }
        $share = $this->blooming[$p][$choice->spot][$q][$other->spot]
            ??= $this->meter->shareBlooming($this->sites[$p], $choice->place, $this->sites[$q], $other->place);

        return self::amount($share * $overlap);
    }

    private static function overlap(Choice $choice, int $from, int $to): float
    {
        return max(0, min($choice->to, $to) - max($choice->from, $from) + 1) / max(1, $choice->to - $choice->from + 1);
    }

    private static function amount(float $share): float
    {
        return $share >= 1.0 ? INF : -log1p(-$share);
    }
}
