<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What a crop has to do with another species. */
#[OA\Schema]
final readonly class RelationDocument
{
    public function __construct(
        #[OA\Property]
        public string $latin,
        #[OA\Property(description: 'freely, now and then, or not in a garden; in which role, and what comes of it, where that is known')]
        public string $crosses,
        #[OA\Property]
        public string $note,
    ) {}
}
