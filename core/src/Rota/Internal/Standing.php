<?php

declare(strict_types=1);

namespace Marrow\Core\Rota\Internal;

use Marrow\Core\Rota\Rota;

/** A choice of patterns as it stands in the search, with what is used, so that one line is taken out and put in again at little cost. */
final class Standing
{
    /** @var array<int, Pattern> by line; one that is taken out is missing */
    public array $chosen = [];

    public float $cost = 0.0;

    public int $tie = 0;

    /** @var array<int, array<int, float>> of area, hours and cages, by year */
    private array $used;

    /** @var array<int, array<int, int>> of each conflict, the lines that flower in a year */
    private array $flower;

    public function __construct(private readonly Model $model)
    {
        $this->used = array_fill(0, 3, array_fill(0, $model->years, 0.0));
        $this->flower = array_fill(0, max(1, count($model->conflicts)), array_fill(0, $model->years, 0));
    }

    public function put(int $line, Pattern $pattern): void
    {
        $this->chosen[$line] = $pattern;
        $this->count($line, $pattern, 1);
    }

    public function take(int $line): Pattern
    {
        $pattern = $this->chosen[$line];
        unset($this->chosen[$line]);
        $this->count($line, $pattern, -1);

        return $pattern;
    }

    /**
     * What a growing of a line that is taken out would cost beside its own, by the year of its sowing; INF where something is
     * short of what it needs, or it would cross.
     *
     * @return list<float>
     */
    public function prices(int $l): array
    {
        $model = $this->model;
        $line = $model->lines[$l];
        [$areas, $hours, $cages] = $model->limits;
        [$usedArea, $usedHours, $usedCages] = $this->used;
        $short = $extraHours = $extraCages = [];
        for ($year = 0; $year < $model->years; $year++) {
            $extraHours[$year] = $extraCages[$year] = 0.0;
            $short[$year] = $usedArea[$year] + $line->area > $areas[$year] + Rota::SLACK;
        }
        foreach ($model->conflictsOf[$l] as $c) {
            $conflict = $model->conflicts[$c];
            foreach ($this->flower[$c] as $year => $others) {
                if ($others > 0) {
                    $extraHours[$year] += $conflict->never ? INF : $conflict->hours;
                    $extraCages[$year] += $conflict->cages;
                }
            }
        }
        $prices = [];
        for ($sown = 0; $sown <= $model->years - $line->stands; $sown++) {
            $harvest = $sown + $line->stands - 1;
            $isShort = $usedCages[$harvest] + $line->cages + $extraCages[$harvest] > $cages[$harvest] + Rota::SLACK;
            for ($year = $sown; $year <= $harvest && ! $isShort; $year++) {
                $isShort = $short[$year] || $usedHours[$year] + $line->hours + ($year === $harvest ? $extraHours[$year] : 0.0) > $hours[$year] + Rota::SLACK;
            }
            // Of hours without a price, those that nothing can do are none all the same.
            $prices[] = $isShort || $extraHours[$harvest] === INF ? INF : $model->problem->hourPrice * $extraHours[$harvest];
        }

        return $prices;
    }

    /** Whether what it holds keeps to the limits, and nothing crosses. */
    public function fits(): bool
    {
        foreach ($this->model->limits as $r => $years) {
            foreach ($years as $year => $limit) {
                if ($this->used[$r][$year] > $limit + Rota::SLACK) {
                    return false;
                }
            }
        }
        foreach ($this->model->conflicts as $c => $conflict) {
            if ($conflict->never && array_any($this->flower[$c], static fn (int $flowering): bool => $flowering > 1)) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, list<int>> years of sowing by line */
    public function sowings(): array
    {
        $sowings = [];
        foreach ($this->chosen as $l => $pattern) {
            $sowings[$this->model->lines[$l]->id] = $pattern->sown;
        }

        return $sowings;
    }

    private function count(int $l, Pattern $pattern, int $sign): void
    {
        $model = $this->model;
        $line = $model->lines[$l];
        $this->cost += $sign * $pattern->cost;
        $this->tie += $sign * $pattern->tie();
        foreach ($pattern->stands as $year) {
            $this->used[0][$year] += $sign * $line->area;
            $this->used[1][$year] += $sign * $line->hours;
        }
        foreach ($pattern->flowers as $year) {
            $this->used[2][$year] += $sign * $line->cages;
            foreach ($model->conflictsOf[$l] as $c) {
                $conflict = $model->conflicts[$c];
                $flowering = $this->flower[$c][$year] += $sign;
                // Of two that flower, the second is the one beyond the first, whichever it is.
                if ($flowering > ($sign > 0 ? 1 : 0) && ! $conflict->never) {
                    $this->used[1][$year] += $sign * $conflict->hours;
                    $this->used[2][$year] += $sign * $conflict->cages;
                    $this->cost += $sign * $model->problem->hourPrice * $conflict->hours;
                }
            }
        }
    }
}
