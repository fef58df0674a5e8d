<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

/** One figure that a reckoning gives back. */
final readonly class Output
{
    public function __construct(
        public string $key,
        public string $unit,
        public string $label,
    ) {}
}
