<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What a test would cost and tell, and how it is done: said before its seed is taken. */
#[OA\Schema]
final readonly class TestAheadDocument
{
    /**
     * @param  string  $costs  seeds of those there are
     * @param  list<string>  $tells  what so many seeds would tell
     * @param  list<string>  $wants  how the crop wants it, and what wakes it
     * @param  list<string>  $steps
     */
    public function __construct(
        #[OA\Property]
        public string $costs,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $tells,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $wants,
        #[OA\Property]
        public string $ready,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $steps,
    ) {}
}
