<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** A bed of the garden. */
final readonly class Bed
{
    public function __construct(public string $id, public string $name, public Rectangle $place) {}
}
