<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A crop that has something to do in a month. */
#[OA\Schema]
final readonly class SeasonCropDocument
{
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'how it is done, or when it ends')]
        public string $note,
        #[OA\Property(ref: SeedLookDocument::class, nullable: true)]
        public ?SeedLookDocument $look,
    ) {}
}
