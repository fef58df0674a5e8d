<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** One of several, by its key, with its words. */
#[OA\Schema]
final readonly class KeyedDocument
{
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $label,
    ) {}
}
