<?php

declare(strict_types=1);

namespace App\Boards;

/** How the list of a place is narrowed, ordered and leafed through. */
final readonly class Narrowing
{
    /** Things on a page. */
    public const PAGE = 40;

    /** Things on a page of an overview, where each is one line. */
    public const LINES = 100;

    /**
     * @param  'due'|'name'|'code'|string  $sort
     * @param  string  $lies  id of the place where seed is kept; empty of all
     * @param  string  $crop  key; empty of all
     * @param  'last'|'untested'|'past'|string  $only  the last of their variety, never tested, past their near edge
     */
    public function __construct(
        public string $find = '',
        public string $sort = 'due',
        public int $page = 1,
        public string $lies = '',
        public string $crop = '',
        public string $only = '',
        public int $size = self::PAGE,
    ) {}
}
