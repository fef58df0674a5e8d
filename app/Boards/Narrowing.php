<?php

declare(strict_types=1);

namespace App\Boards;

/** How the list of a place is narrowed, ordered and leafed through. */
final readonly class Narrowing
{
    /** @param  'due'|'name'|'code'|string  $sort */
    public function __construct(public string $find = '', public string $sort = 'due', public int $page = 1) {}
}
