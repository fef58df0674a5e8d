<?php

declare(strict_types=1);

namespace Marrow\Core\Rota\Internal;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Looks for better rotas from one that is known: some lines that have to do with each other are taken out and put in again
 * one by one, each where it then costs least (large neighbourhood search; Shaw 1998). Of the same problem it does the same.
 */
final class Climb
{
    private const EQUAL = 1e-11;

    public Standing $best;

    private readonly Randomizer $dice;

    /** @var list<Pattern> of each line, what its pins alone ask */
    private readonly array $least;

    public function __construct(private readonly Model $model)
    {
        $this->dice = new Randomizer(new Mt19937(20_270));
        $least = [];
        foreach ($model->patterns as $patterns) {
            $fewest = $patterns[0];
            foreach ($patterns as $pattern) {
                $fewest = count($pattern->sown) < count($fewest->sown) ? $pattern : $fewest;
            }
            $least[] = $fewest;
        }
        $this->least = $least;
        $this->best = new Standing($model);
        foreach ($least as $l => $pattern) {
            $this->best->put($l, $pattern);
        }
        $this->best = $this->refilled(clone $this->best, array_keys($least));
    }

    /**
     * A rota is tried: what lines took at some prices, as far as it goes together.
     *
     * @param  array<int, Pattern>  $took
     */
    public function from(array $took): void
    {
        $standing = new Standing($this->model);
        foreach ($this->least as $l => $pattern) {
            $standing->put($l, $pattern);
        }
        $order = array_keys($took);
        // Those with the most at stake first.
        usort($order, fn (int $a, int $b): int => [$took[$a]->cost - $this->least[$a]->cost, $a] <=> [$took[$b]->cost - $this->least[$b]->cost, $b]);
        $again = [];
        foreach ($order as $l) {
            $standing->take($l);
            $prices = $standing->prices($l);
            $fits = $took[$l];
            foreach ($took[$l]->sown as $year) {
                if ($prices[$year] === INF) {
                    $fits = $this->least[$l];
                    $again[] = $l;

                    break;
                }
            }
            $standing->put($l, $fits);
        }
        $this->keep($this->polished($this->refilled($standing, $again)));
    }

    /** @param  int  $tries  neighbourhoods that are tried */
    public function go(int $tries): void
    {
        $many = count($this->model->lines);
        $now = clone $this->best;
        for ($try = 0; $try < $tries; $try++) {
            $out = $this->neighbourhood($now, min($many, $this->dice->getInt(2, 8)));
            $next = $this->refilled(clone $now, $out);
            // A little worse is gone on from at times: else it stays where it first came to rest.
            $puts = $next->cost < $now->cost + self::EQUAL || $this->dice->getInt(0, 99) < 3 && $next->cost < $this->best->cost * 1.01;
            if ($puts) {
                $now = $next;
                $this->keep($now);
            } elseif ($now->cost > $this->best->cost + self::EQUAL && $this->dice->getInt(0, 199) === 0) {
                $now = clone $this->best;
            }
        }
        $this->keep($this->polished(clone $this->best));
    }

    public function keep(Standing $standing): void
    {
        $isBetter = $standing->cost < $this->best->cost - self::EQUAL || ($standing->cost < $this->best->cost + self::EQUAL && $standing->tie < $this->best->tie);
        if ($isBetter) {
            $this->best = clone $standing;
        }
    }

    /** Each line by itself, over and over, until none finds anything better. */
    private function polished(Standing $standing): Standing
    {
        do {
            [$cost, $tie] = [$standing->cost, $standing->tie];
            $standing = $this->refilled($standing, array_keys($this->least), false);
        } while ($standing->cost < $cost - self::EQUAL || $standing->tie < $tie);

        return $standing;
    }

    /**
     * Lines taken out, all at once, and put in again one after another.
     *
     * @param  list<int>  $lines
     * @param  bool  $together  taken out before the first is put in
     */
    private function refilled(Standing $standing, array $lines, bool $together = true): Standing
    {
        $lines = $together ? $this->dice->shuffleArray($lines) : $lines;
        if ($together) {
            // What is pinned stays where it is, so that nothing else takes its place.
            foreach ($lines as $l) {
                $standing->take($l);
                $standing->put($l, $this->least[$l]);
            }
        }
        foreach ($lines as $l) {
            $was = $standing->take($l);
            [$pattern] = Cheapest::of($this->model->patterns[$l], $standing->prices($l));
            $standing->put($l, $pattern ?? $was);
        }

        return $standing;
    }

    /** @return list<int> lines that have to do with one another */
    private function neighbourhood(Standing $standing, int $many): array
    {
        $all = count($this->model->lines);
        $first = $this->dice->getInt(0, $all - 1);
        $out = [$first => true];
        $conflicts = $this->model->conflictsOf[$first];
        if ($conflicts !== [] && $this->dice->getInt(0, 1) === 0) {
            foreach ($conflicts as $c) {
                foreach ($this->dice->shuffleArray($this->model->members[$c]) as $l) {
                    if (count($out) < $many) {
                        $out[$l] = true;
                    }
                }
            }
        } elseif ($this->dice->getInt(0, 1) === 0) {
            // Those that stand in one year.
            $year = $this->dice->getInt(0, $this->model->years - 1);
            foreach ($this->dice->shuffleArray(range(0, $all - 1)) as $l) {
                if (count($out) < $many && in_array($year, $standing->chosen[$l]->stands, true)) {
                    $out[$l] = true;
                }
            }
        }
        for ($tries = 0; count($out) < $many && $tries < 20; $tries++) {
            $out[$this->dice->getInt(0, $all - 1)] = true;
        }

        return array_keys($out);
    }
}
