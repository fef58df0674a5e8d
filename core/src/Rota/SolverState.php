<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

final readonly class SolverState
{
    /**
     * @param  float  $bound  that no answer is below, −INF while nothing is known
     * @param  ?list<string>  $ones  variables that are 1 in the best it found, once it is done; null while it works, and where it found nothing better
     */
    public function __construct(public float $bound, public ?array $ones, public bool $isDone) {}
}
