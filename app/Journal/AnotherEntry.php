<?php

declare(strict_types=1);

namespace App\Journal;

use RuntimeException;

/** An id came a second time with something else in it: keeping either one would lose the other. */
final class AnotherEntry extends RuntimeException
{
    public static function withId(string $id): self
    {
        return new self("An entry with the id $id has been kept already, and it says something else. Nothing was changed.");
    }
}
