<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

/** One way of giving a reckoning what it needs to know of something. */
final readonly class Way
{
    /** @param  list<string>  $inputs  keys that belong to it; those without a default are needed */
    public function __construct(public string $label, public array $inputs) {}
}
