<?php

declare(strict_types=1);

namespace App\Models;

/** Who does what is written. Nobody signs in yet: it is the name chosen on this device, or the one who keeps the garden. */
final readonly class Acting
{
    /** Letters. */
    public const LONGEST = 60;

    public string $name;

    /** @param  string  $name  empty for the one who keeps the garden */
    public function __construct(string $name = '')
    {
        $this->name = mb_substr(trim($name), 0, self::LONGEST);
    }

    /** The same, or who is named. */
    public function orBy(string $name): self
    {
        return trim($name) === '' ? $this : new self($name);
    }
}
