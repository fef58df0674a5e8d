<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Holding;

use Marrow\Core\Steps\Storing\ContainerKind;

/** A container that holds others, and where it was put. */
final readonly class Holder
{
    /** @param  list<Move>  $moves  in the order in which they happened; those that cannot be, since it held what it was put into, among them */
    public function __construct(public string $id, public string $name, public ContainerKind $kind, public array $moves) {}
}
