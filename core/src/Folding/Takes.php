<?php

declare(strict_types=1);

namespace Marrow\Core\Folding;

/**
 * Marks a method of a strand that takes entries of one kind: the payload is its first argument, the entry its second.
 * Of an entry about something else that refers to this one, the field that refers to it is named.
 */
#[\Attribute(\Attribute::TARGET_METHOD | \Attribute::IS_REPEATABLE)]
final readonly class Takes
{
    public function __construct(public ?string $as = null) {}
}
