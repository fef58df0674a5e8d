<?php

declare(strict_types=1);

namespace Marrow\Core\Rota\Internal;

/** What the search asks for the ground, hours and cages of each year, and for flowering beside another, in place of the limits themselves. */
final class Prices
{
    /**
     * @param  array<int, array<int, float>>  $limits  of area, hours and cages, by year, 0 or more
     * @param  array<int, array<int, float>>  $apart  of each conflict, by year
     */
    public function __construct(public array $limits, public array $apart) {}

    public static function none(Model $model): self
    {
        $years = array_fill(0, $model->years, 0.0);

        return new self([$years, $years, $years], array_fill(0, count($model->conflicts), $years));
    }

    /** @return list<float> of a growing of a line, by the year of its sowing */
    public function of(Model $model, int $l): array
    {
        $line = $model->lines[$l];
        [$area, $hours, $cages] = $this->limits;
        $stands = $flowers = [];
        for ($year = 0; $year < $model->years; $year++) {
            $stands[] = $area[$year] * $line->area + $hours[$year] * $line->hours;
            $flowers[] = $cages[$year] * $line->cages;
        }
        foreach ($model->conflictsOf[$l] as $c) {
            foreach ($this->apart[$c] as $year => $price) {
                $flowers[$year] += $price;
            }
        }
        $prices = [];
        for ($sown = 0; $sown <= $model->years - $line->stands; $sown++) {
            $harvest = $sown + $line->stands - 1;
            $price = $flowers[$harvest];
            for ($year = $sown; $year <= $harvest; $year++) {
                $price += $stands[$year];
            }
            $prices[] = $price;
        }

        return $prices;
    }

    /** Sum of the products with another's, over what is not settled: how far both point the same way. */
    public function along(self $other): float
    {
        $sum = 0.0;
        foreach ($this->limits as $r => $years) {
            foreach ($years as $year => $price) {
                $sum += $price * $other->limits[$r][$year];
            }
        }
        foreach ($this->apart as $c => $years) {
            foreach ($years as $year => $price) {
                $sum += $price * $other->apart[$c][$year];
            }
        }

        return $sum;
    }

    /** Part of the way to another's. */
    public function towards(self $other, float $share): self
    {
        $next = clone $this;
        foreach ($next->limits as $r => $years) {
            foreach ($years as $year => $price) {
                $next->limits[$r][$year] = $price + $share * ($other->limits[$r][$year] - $price);
            }
        }
        foreach ($next->apart as $c => $years) {
            foreach ($years as $year => $price) {
                $next->apart[$c][$year] = $price + $share * ($other->apart[$c][$year] - $price);
            }
        }

        return $next;
    }

    /** Each divided by another's. */
    public function over(self $other): self
    {
        $next = clone $this;
        foreach ($next->limits as $r => $years) {
            foreach ($years as $year => $price) {
                $next->limits[$r][$year] = $price / $other->limits[$r][$year];
            }
        }
        foreach ($next->apart as $c => $years) {
            foreach ($years as $year => $price) {
                $next->apart[$c][$year] = $price / $other->apart[$c][$year];
            }
        }

        return $next;
    }
}
