<?php

declare(strict_types=1);

namespace App\Http\Documents;

use OpenApi\Attributes as OA;

/** What was picked. */
#[OA\Schema]
final readonly class HarvestDocument
{
    public function __construct(
        #[OA\Property]
        public string $first,
        #[OA\Property]
        public string $last,
        #[OA\Property]
        public int $plants,
        #[OA\Property]
        public int $fruits,
        #[OA\Property]
        public ?float $grams,
    ) {}
}
