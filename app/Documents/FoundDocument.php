<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Something that was looked for. */
#[OA\Schema]
final readonly class FoundDocument
{
    public function __construct(
        #[OA\Property]
        public TagDocument $tag,
        #[OA\Property]
        public string $where,
    ) {}
}
