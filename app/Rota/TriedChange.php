<?php

declare(strict_types=1);

namespace App\Rota;

use Closure;
use Marrow\Core\Rota\RotaProblem;

/** Something that could be done otherwise, to be tried. */
final readonly class TriedChange
{
    /**
     * @param  Closure(Closure(string): string): string  $says  given how lines are called
     * @param  float  $pace  times as fast as forecast that seed ages then
     * @param  array<string, list<int>>|null  $sowings  the rota with it; null where it is looked for anew
     */
    public function __construct(public RotaProblem $problem, private Closure $says, public float $pace = 1.0, public ?array $sowings = null) {}

    /** @param  Closure(string): string  $name  of a line */
    public function said(Closure $name): string
    {
        return ($this->says)($name);
    }
}
