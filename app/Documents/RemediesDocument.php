<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What can be done about crossing over the whole garden. */
#[OA\Schema]
final readonly class RemediesDocument
{
    /**
     * @param  list<RemedyWayDocument>  $ways
     * @param  list<string>  $obstacles  what stands in the way when nothing fits
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: RemedyWayDocument::class))]
        public array $ways,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $obstacles,
    ) {}
}
