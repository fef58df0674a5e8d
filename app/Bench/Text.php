<?php

declare(strict_types=1);

namespace App\Bench;

use JsonSerializable;

/** A long text that is only made when it is sent. */
final readonly class Text implements JsonSerializable
{
    public function __construct(private int $letters) {}

    public function jsonSerialize(): string
    {
        return str_repeat('x', $this->letters);
    }
}
