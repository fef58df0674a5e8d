<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/** Growings chosen for a problem, and what they come to. */
final readonly class Rota
{
    /** By which a sum of figures may be above a limit and still keep to it. */
    public const SLACK = 1e-9;

    /**
     * @param  array<string, list<int>>  $sowings  by line, years from 0, ascending
     * @param  array<string, float>  $kept  by line, 0 … 1
     * @param  float  $risk  Σ weight × loss
     * @param  float  $hours  those of conflicts with them
     * @param  array<string, array<int, float>>  $used  by resource, what is used of it in each year
     */
    private function __construct(
        public RotaProblem $problem,
        public array $sowings,
        public array $kept,
        public float $risk,
        public float $hours,
        public array $used,
    ) {}

    /** @param  array<string, list<int>>  $sowings  by line; one that is not named is not grown */
    public static function of(RotaProblem $problem, array $sowings): self
    {
        $used = [];
        foreach (Resource::cases() as $resource) {
            $used[$resource->value] = array_fill(0, $problem->years, 0.0);
        }
        $all = $kept = $flowers = [];
        $risk = 0.0;
        foreach ($problem->lines as $line) {
            $own = $sowings[$line->id] ?? [];
            sort($own);
            $all[$line->id] = $own;
            $kept[$line->id] = (new Survival($line, $problem->years))->kept($own);
            $risk += $line->weight * (1.0 - $kept[$line->id]);
            foreach ($own as $sown) {
                for ($year = $sown; $year <= $line->harvest($sown); $year++) {
                    $used[Resource::Area->value][$year] += $line->area;
                    $used[Resource::Hours->value][$year] += $line->hours;
                }
                $used[Resource::Cages->value][$line->harvest($sown)] += $line->cages;
                $flowers[$line->id][$line->harvest($sown)] = true;
            }
        }
        foreach ($problem->conflicts as $conflict) {
            for ($year = 0; $year < $problem->years; $year++) {
                $beyond = count(array_filter($conflict->lines, static fn (string $id): bool => isset($flowers[$id][$year]))) - 1;
                if ($beyond > 0) {
                    $used[Resource::Hours->value][$year] += $beyond * $conflict->hours;
                    $used[Resource::Cages->value][$year] += $beyond * $conflict->cages;
                }
            }
        }

        return new self($problem, $all, $kept, $risk, array_sum($used[Resource::Hours->value]), $used);
    }

    /** Lines lost, by their weight, and the price of the hours: 0 or more. */
    public function cost(): float
    {
        return $this->risk + $this->problem->hourPrice * $this->hours;
    }

    /** @return list<Growing> by year, and by line within it */
    public function growings(): array
    {
        $growings = [];
        foreach ($this->problem->lines as $line) {
            foreach ($this->sowings[$line->id] as $sown) {
                $growings[] = new Growing($line->id, $sown, $line->harvest($sown));
            }
        }
        usort($growings, static fn (Growing $a, Growing $b): int => [$a->sow, $a->line] <=> [$b->sow, $b->line]);

        return $growings;
    }

    /** @return list<Breach> needs that it does not meet: limits that are passed, lines that would cross, pins, forbidden years */
    public function breaches(): array
    {
        return Breaches::of($this);
    }
}
