<?php

declare(strict_types=1);

namespace Marrow\Core\Rota\Internal;

/**
 * Parts all rotas into those in which a line is sown in a year and those in which it is not, and leaves out every part that
 * cannot hold a better one (branch and bound). The part with the lowest bound comes next, so that the bound of all rises.
 */
final class Branching
{
    private const EQUAL = 1e-10;

    /** Steps by which a part's bound is tightened. */
    private const STEPS = 30;

    /** @var \SplPriorityQueue<array{float, int}, Node> */
    private \SplPriorityQueue $open;

    private int $made = 0;

    /** @var list<list<Pattern>> of each line, those that can be part of a better rota than was known at first */
    public readonly array $patterns;

    public function __construct(private readonly Model $model, private readonly Climb $climb, Prices $prices, private readonly float $least)
    {
        $this->open = new \SplPriorityQueue;
        $this->patterns = $this->worth($model->patterns, $prices, $least);
        $this->add(new Node($this->patterns, $prices, $least));
    }

    /** What no rota is below. */
    public function bound(): float
    {
        $best = $this->climb->best->cost;

        return $this->open->isEmpty() ? $best : max($this->least, min($best, $this->next()->bound));
    }

    public function isDone(): bool
    {
        return $this->open->isEmpty() || $this->next()->bound >= $this->target();
    }

    /** @param  int  $parts  looked at */
    public function go(int $parts): void
    {
        for ($n = 0; $n < $parts && ! $this->isDone(); $n++) {
            $node = $this->next();
            $this->open->extract();
            $patterns = $this->possible($node->patterns);
            if ($patterns === null) {
                continue;
            }
            $relaxation = new Relaxation($this->model, $patterns, $node->prices);
            $relaxation->tighten(self::STEPS, $this->target());
            $bound = max($node->bound, $relaxation->bound);
            if ($bound >= $this->target()) {
                continue;
            }
            $this->climb->from($relaxation->took);
            $left = new Node($this->worth($patterns, $relaxation->prices, $relaxation->bound), $relaxation->prices, $bound);
            if ($left->isOne()) {
                $this->take($left);

                continue;
            }
            [$line, $year] = $this->undecided($left, $relaxation);
            $this->add($left->with($line, $year, true));
            $this->add($left->with($line, $year, false));
        }
    }

    private function next(): Node
    {
        $next = $this->open->top();

        return $next instanceof Node ? $next : throw new \LogicException('The queue hands out what was put in.');
    }

    private function target(): float
    {
        return $this->climb->best->cost - self::EQUAL;
    }

    private function add(Node $node): void
    {
        // Of two with one bound the later, which is deeper.
        $this->open->insert($node, [-$node->bound, $this->made++]);
    }

    /**
     * Without patterns that are in no rota better than the best known: their line would pay too much by itself.
     *
     * @param  list<list<Pattern>>  $all
     * @param  float  $bound  of the part, at these prices
     * @return list<list<Pattern>>
     */
    private function worth(array $all, Prices $prices, float $bound): array
    {
        $room = $this->climb->best->cost + self::EQUAL - $bound;
        foreach ($all as $l => $patterns) {
            if (count($patterns) === 1) {
                continue;
            }
            $own = $prices->of($this->model, $l);
            $most = Cheapest::of($patterns, $own)[1] + $room;
            $left = [];
            foreach ($patterns as $pattern) {
                $cost = $pattern->cost;
                foreach ($pattern->sown as $year) {
                    $cost += $own[$year];
                }
                if ($cost <= $most) {
                    $left[] = $pattern;
                }
            }
            $all[$l] = $left;
        }

        return $all;
    }

    /**
     * Without patterns that have no room beside what is sown in every one of another line's patterns.
     *
     * @param  list<list<Pattern>>  $all
     * @return ?list<list<Pattern>> null where some line has none left
     */
    private function possible(array $all): ?array
    {
        do {
            $standing = new Standing($this->model);
            foreach ($all as $l => $patterns) {
                $must = -1;
                foreach ($patterns as $pattern) {
                    $must &= $pattern->mask;
                }
                $standing->put($l, Pattern::fixed($this->model->lines[$l], $must, $this->model->years));
            }
            if (! $standing->fits()) {
                return null;
            }
            $isLess = false;
            foreach ($all as $l => $patterns) {
                if (count($patterns) === 1) {
                    continue;
                }
                $fixed = $standing->take($l);
                $none = 0;
                foreach ($standing->prices($l) as $year => $price) {
                    $none |= $price === INF ? 1 << $year : 0;
                }
                $standing->put($l, $fixed);
                $left = $none === 0 ? $patterns : array_values(array_filter($patterns, static fn (Pattern $pattern): bool => ($pattern->mask & $none) === 0));
                if ($left === []) {
                    return null;
                }
                $isLess = $isLess || count($left) < count($patterns);
                $all[$l] = $left;
            }
        } while ($isLess);

        return $all;
    }

    /** @return array{int, int} line and year of what was taken about as often as not, and of that what is dearest */
    private function undecided(Node $node, Relaxation $relaxation): array
    {
        $best = [-1, 0];
        $most = -1.0;
        foreach ($node->patterns as $l => $patterns) {
            if (count($patterns) === 1) {
                continue;
            }
            $any = 0;
            $every = -1;
            foreach ($patterns as $pattern) {
                $any |= $pattern->mask;
                $every &= $pattern->mask;
            }
            $spread = min(0.5, $patterns[count($patterns) - 1]->cost - $patterns[0]->cost);
            for ($year = 0; $year < $this->model->years; $year++) {
                if ((($any & ~$every) >> $year & 1) === 1) {
                    $share = $relaxation->shareOf($l, $year);
                    $score = $spread * (0.01 + $share * (1.0 - $share));
                    if ($score > $most) {
                        [$most, $best] = [$score, [$l, $year]];
                    }
                }
            }
        }

        return $best;
    }

    private function take(Node $node): void
    {
        $standing = new Standing($this->model);
        foreach ($node->patterns as $l => $patterns) {
            $standing->put($l, $patterns[0]);
        }
        if ($standing->fits()) {
            $this->climb->keep($standing);
        }
    }
}
