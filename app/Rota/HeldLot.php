<?php

declare(strict_types=1);

namespace App\Rota;

use DateTimeImmutable;

/** A lot of a line, as the rota sees it. */
final readonly class HeldLot
{
    /**
     * @param  ?float  $seeds  null where nobody counted
     * @param  int  $reserve  seeds
     * @param  list<float>  $alive  by year, as RotaLine has it
     * @param  ?int  $growings  that it suffices for
     * @param  ?DateTimeImmutable  $goodUntil  near edge of its forecast
     */
    public function __construct(public string $id, public string $code, public ?float $seeds, public int $reserve, public array $alive, public ?int $growings, public bool $crossed, public ?DateTimeImmutable $goodUntil) {}
}
