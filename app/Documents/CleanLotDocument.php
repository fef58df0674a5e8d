<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A lot or a planting, and what is to be said of it here. */
#[OA\Schema]
final readonly class CleanLotDocument
{
    public function __construct(
        #[OA\Property(ref: TagDocument::class)]
        public TagDocument $tag,
        #[OA\Property]
        public string $said,
    ) {}
}
