<?php

declare(strict_types=1);

namespace Marrow\Core\Rota\Internal;

use Marrow\Core\Rota\FoundRota;
use Marrow\Core\Rota\Solver;

/** A solver that works beside the search: what it finds is taken over, and its bound goes for both. */
final class Beside
{
    private float $bound = -INF;

    private bool $isDone = false;

    private function __construct(private readonly Solver $solver, private readonly LinearProgram $program, private readonly Climb $climb) {}

    public static function begin(Solver $solver, LinearProgram $program, Climb $climb): self
    {
        $solver->begin($program->text(), $program->of($climb->best));

        return new self($solver, $program, $climb);
    }

    /** @return float the bound that it knows */
    public function look(): float
    {
        if (! $this->isDone) {
            $state = $this->solver->state();
            $this->bound = max($this->bound, $state->bound);
            $this->isDone = $state->isDone;
            $found = $state->ones === null ? null : $this->program->standing($state->ones);
            if ($found !== null) {
                $this->climb->keep($found);
                $this->climb->go(60);
            }
        }

        return min($this->bound, $this->climb->best->cost);
    }

    /** Whether it has ended, and nothing better is to be looked for. */
    public function isProven(): bool
    {
        return $this->isDone && $this->bound >= $this->climb->best->cost - FoundRota::EXACT;
    }

    public function end(): void
    {
        $this->solver->end();
    }
}
