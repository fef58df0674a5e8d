<?php

declare(strict_types=1);

namespace Marrow\Core\Folding;

use Marrow\Core\Fields\Refused;

/**
 * An entry that does not fit what is recorded so far, though it may well be true: something may be missing, or another
 * entry be wrong. It is kept when the keeper says so, or when it comes late, and stands adrift until it is settled.
 */
final class Misfit extends Refused
{
    /** The entry does not fit what has happened so far, whatever its figures. */
    public static function outOfPlace(string $message): self
    {
        return self::at('kind', $message);
    }

    public static function tooEarly(string $message): self
    {
        return self::at('happened_at', $message);
    }
}
