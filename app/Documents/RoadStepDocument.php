<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A picking on the way to a line. */
#[OA\Schema]
final readonly class RoadStepDocument
{
    public function __construct(
        #[OA\Property(ref: TagDocument::class)]
        public TagDocument $tag,
        #[OA\Property]
        public string $said,
    ) {}
}
