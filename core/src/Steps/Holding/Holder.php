<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Holding;

use Marrow\Core\Steps\Storing\ContainerKind;

/** A container that holds others, and where it was put. */
final readonly class Holder
{
    /** @param  list<array{at: \DateTimeImmutable, placed: Placed}>  $moves  in the order in which they happened */
    public function __construct(public string $id, public string $name, public ContainerKind $kind, public array $moves) {}
}
