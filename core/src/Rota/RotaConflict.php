<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/** Lines that would cross if they flowered for seed in one year: what keeping them apart asks, for each that flowers beyond the first. */
final readonly class RotaConflict
{
    /**
     * @param  list<string>  $lines  their ids, two or more
     * @param  bool  $never  nothing keeps them apart
     * @param  float  $hours  in the year, for each beyond the first, 0 or more
     * @param  float  $cages  the same
     */
    public function __construct(public array $lines, public bool $never = false, public float $hours = 0.0, public float $cages = 0.0) {}
}
