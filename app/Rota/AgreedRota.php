<?php

declare(strict_types=1);

namespace App\Rota;

use DateTimeImmutable;
use Marrow\Core\Rota\RotaProblem;

/** The rota that the keeper goes by, and what was known when it was agreed on. */
final readonly class AgreedRota
{
    /** @param  list<array{line: string, sow: int}>  $growings  by calendar year */
    public function __construct(public RotaProblem $problem, public array $growings, public DateTimeImmutable $at) {}
}
