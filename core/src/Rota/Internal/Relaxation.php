<?php

declare(strict_types=1);

namespace Marrow\Core\Rota\Internal;

/**
 * A bound that no rota can be below. Limits and conflicts are lifted, and a price is asked for what was limited (Lagrangian
 * relaxation; Held and Karp 1971): each line then takes its own cheapest years, and what all of them pay, less what the
 * limits would have been worth, is at most the cost of the best rota, at whatever prices. Prices are raised where too much is
 * used and lowered where something is left over, going by what was taken on the average of late (the volume algorithm;
 * Barahona and Anbil 2000).
 */
final class Relaxation
{
    /** Share of what was taken last in the average that is gone by. */
    private const FRESH = 0.1;

    /** Steps without a better bound after which they are made shorter. */
    private const PATIENCE = 12;

    private const SHORTEST = 0.002;

    /** @var list<array<int, Pattern>> what was taken, step by step */
    private array $late = [];

    /** Of a step, in parts of what could be won. */
    private float $length = 0.1;

    private readonly Prices $weights;

    public float $bound = -INF;

    public Prices $prices;

    /** @var array<int, Pattern> what each line took, at the prices of the bound */
    public array $took = [];

    /**
     * @param  list<list<Pattern>>  $patterns  of each line, at least one, the cheapest first
     */
    public function __construct(private readonly Model $model, private readonly array $patterns, Prices $from)
    {
        $this->prices = $from;
        $this->weights = $model->weights();
    }

    /**
     * @param  float  $target  cost of the best rota that is known
     * @param  \Closure(array<int, Pattern>): bool|null  $each  given what each line took; whether to go on
     */
    public function tighten(int $steps, float $target, ?\Closure $each = null): void
    {
        $model = $this->model;
        $prices = $this->prices;
        $over = null;
        $idle = 0;
        for ($step = 0; $step < $steps; $step++) {
            [$bound, $took] = $this->at($prices);
            if ($bound === INF) {
                $this->bound = INF;

                return;
            }
            $this->late[] = $took;
            $now = $this->over($took, $prices);
            $along = $over?->along($now) ?? 1.0;
            $over = $over?->towards($now, self::FRESH) ?? $now;
            if ($bound > $this->bound) {
                $isMore = $bound > $this->bound + 1e-7 * abs($bound);
                [$this->bound, $this->prices, $this->took] = [$bound, $prices, $took];
                // Where the way still goes on as before, longer steps are tried.
                $this->length = min(2.0, $this->length * ($along > 0.0 ? 1.1 : 1.0));
                $idle = $isMore ? 0 : $idle + 1;
            } else {
                $idle++;
            }
            if ($this->bound >= $target || ($each !== null && ! $each($took))) {
                return;
            }
            if ($idle >= self::PATIENCE) {
                $this->length *= 0.66;
                $idle = 0;
                if ($this->length < self::SHORTEST) {
                    return;
                }
            }
            $way = $over->over($this->weights);
            $square = $over->along($way);
            if ($square < 1e-18) {
                return;
            }
            // From the best prices so far, and never as if more could be won than a twentieth: far steps lose what they had.
            $worth = min($target, $this->bound + 0.05 * abs($this->bound)) - $this->bound;
            $prices = $this->moved($way, $this->length * max(1e-9, $worth) / $square);
        }
    }

    /** How often of late a line was sown in a year: 0 … 1. */
    public function shareOf(int $line, int $year): float
    {
        $share = $weight = 0.0;
        foreach ($this->late as $ago => $took) {
            $counts = (1.0 - self::FRESH) ** (count($this->late) - 1 - $ago);
            $weight += $counts;
            $share += ($took[$line]->mask >> $year & 1) * $counts;
        }

        return $weight > 0.0 ? $share / $weight : 0.0;
    }

    /** @return array{float, array<int, Pattern>} the bound at some prices, INF where a line can take nothing; what each line took */
    private function at(Prices $prices): array
    {
        $model = $this->model;
        $bound = 0.0;
        $took = [];
        foreach ($this->patterns as $l => $patterns) {
            [$pattern, $cost] = Cheapest::of($patterns, $prices->of($model, $l));
            if ($pattern === null) {
                return [INF, []];
            }
            $bound += $cost;
            $took[$l] = $pattern;
        }
        foreach ($prices->limits as $r => $years) {
            foreach ($years as $year => $price) {
                if ($price > 0.0) {
                    $bound -= $price * $model->limits[$r][$year];
                }
            }
        }
        foreach ($prices->apart as $years) {
            $bound -= array_sum($years);
        }

        return [$bound, $took];
    }

    /**
     * By how much what was taken is above the limits: the way in which the prices are to go.
     *
     * @param  array<int, Pattern>  $took
     */
    private function over(array $took, Prices $now): Prices
    {
        $model = $this->model;
        $used = array_fill(0, 3, array_fill(0, $model->years, 0.0));
        $flower = array_fill(0, count($model->conflicts), array_fill(0, $model->years, 0));
        foreach ($took as $l => $pattern) {
            $line = $model->lines[$l];
            foreach ($pattern->stands as $year) {
                $used[0][$year] += $line->area;
                $used[1][$year] += $line->hours;
            }
            foreach ($pattern->flowers as $year) {
                $used[2][$year] += $line->cages;
                foreach ($model->conflictsOf[$l] as $c) {
                    $flower[$c][$year]++;
                }
            }
        }
        $over = new Prices([], []);
        foreach ($flower as $c => $years) {
            $conflict = $model->conflicts[$c];
            foreach ($years as $year => $flowering) {
                $beyond = $flowering - 1;
                // At its highest price it is as cheap to pay for those beyond the first, which takes hours and cages.
                if ($beyond > 0 && ! $conflict->never && $now->apart[$c][$year] >= $this->most($now, $c, $year) - 1e-12) {
                    $used[1][$year] += $beyond * $conflict->hours;
                    $used[2][$year] += $beyond * $conflict->cages;
                    $beyond = 0;
                }
                $over->apart[$c][$year] = (float) $beyond;
            }
        }
        foreach ($used as $r => $years) {
            foreach ($years as $year => $amount) {
                $limit = $model->limits[$r][$year];
                $over->limits[$r][$year] = $limit === INF ? 0.0 : $amount - $limit;
            }
        }

        return $over;
    }

    /** Other prices, so far from the best ones in a way. */
    private function moved(Prices $way, float $by): Prices
    {
        $prices = clone $this->prices;
        foreach ($way->limits as $r => $years) {
            foreach ($years as $year => $amount) {
                $prices->limits[$r][$year] = max(0.0, $prices->limits[$r][$year] + $by * $amount);
            }
        }
        foreach ($way->apart as $c => $years) {
            foreach ($years as $year => $amount) {
                $prices->apart[$c][$year] = min($this->most($prices, $c, $year), max(0.0, $prices->apart[$c][$year] + $by * $amount));
            }
        }

        return $prices;
    }

    /** What keeping one more apart costs in a year: nobody pays more for not flowering there. */
    private function most(Prices $prices, int $c, int $year): float
    {
        $conflict = $this->model->conflicts[$c];
        if ($conflict->never) {
            return INF;
        }

        return $conflict->hours * ($this->model->problem->hourPrice + $prices->limits[1][$year]) + $conflict->cages * $prices->limits[2][$year];
    }
}
