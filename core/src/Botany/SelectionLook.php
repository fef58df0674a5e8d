<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** One look at the plants: when, and at what. */
final readonly class SelectionLook
{
    public function __construct(public LookTime $when, public string $look) {}
}
