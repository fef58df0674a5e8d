<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Somebody who gave seed to the garden, or has seed of it. */
#[OA\Schema]
final readonly class PersonDocument
{
    /**
     * @param  list<GivenDocument>  $has  newest first
     * @param  list<TagDocument>  $gave  lots that came from them
     */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $said,
        #[OA\Property(items: new OA\Items(ref: GivenDocument::class))]
        public array $has,
        #[OA\Property(items: new OA\Items(ref: TagDocument::class))]
        public array $gave,
    ) {}
}
