<?php

declare(strict_types=1);

namespace App\Rota;

use Marrow\Core\Rota\RotaProblem;
use Marrow\Core\Season\SeasonPlan;

/** The rota's problem of a garden, with what stands behind it. */
final readonly class GardenProblem
{
    /**
     * @param  array<string, GardenLine>  $lines  by the variety's id
     * @param  ?SeasonPlan  $plan  whose ground it goes by; null where none was ever drawn
     */
    public function __construct(public RotaProblem $problem, public array $lines, public int $version, public RotaWish $wish, public ?SeasonPlan $plan) {}

    public function name(string $line): string
    {
        return isset($this->lines[$line]) ? $this->lines[$line]->title() : $line;
    }

    /** m² of all beds; null where none are drawn. */
    public function beds(): ?float
    {
        return $this->plan === null || $this->plan->beds === [] ? null : array_sum(array_map(static fn ($bed): float => $bed->place->width * $bed->place->depth, $this->plan->beds));
    }
}
