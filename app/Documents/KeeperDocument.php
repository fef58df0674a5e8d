<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Somebody who keeps the garden. */
#[OA\Schema]
final readonly class KeeperDocument
{
    /**
     * @param  string  $role  what they may do
     * @param  string  $seen  when they were last here, in words; empty where that is not known
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(enum: ['reader', 'helper', 'keeper', 'owner'])]
        public string $role,
        #[OA\Property]
        public string $seen = '',
    ) {}
}
