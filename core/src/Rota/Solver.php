<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/** A solver of linear programs in whole numbers that is there beside the search, and works meanwhile. */
interface Solver
{
    /**
     * @param  string  $program  in the LP format: the least of "obj", its rows, its variables that are 0 or 1
     * @param  array<string, float>  $start  variables of an answer that is known, those that are not 0
     */
    public function begin(string $program, array $start): void;

    /** How far it is, without waiting. */
    public function state(): SolverState;

    public function end(): void;
}
