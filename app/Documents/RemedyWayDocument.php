<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** One way of bringing every planting within its share, with what it asks. */
#[OA\Schema]
final readonly class RemedyWayDocument
{
    /** @param  list<RemedyStepDocument>  $steps */
    public function __construct(
        #[OA\Property(enum: ['least_work', 'grow_all', 'no_covers'])]
        public string $key,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $asks,
        #[OA\Property]
        public string $sure,
        #[OA\Property(items: new OA\Items(ref: RemedyStepDocument::class))]
        public array $steps,
    ) {}
}
