<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Support;

use Marrow\Core\Journal\Entry;
use Marrow\Core\Things\Registered;

/** Entries for a test, in short lines. */
trait MakesEntries
{
    /** @param  array<string, mixed>  $payload  as it would be typed */
    private static function entry(string $id, string $kind, string $at, array $payload): Entry
    {
        $kinds = Registered::kinds();

        return new Entry($id, $id, $kinds->named($kind) ?? throw new \LogicException("No kind $kind."), $kinds->read($kind, $payload), new \DateTimeImmutable($at));
    }
}
