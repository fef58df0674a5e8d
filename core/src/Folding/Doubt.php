<?php

declare(strict_types=1);

namespace Marrow\Core\Folding;

/** Something about an entry that counts, but wants a second look: more taken than there was, say. */
final readonly class Doubt
{
    public function __construct(public string $field, public string $message) {}
}
