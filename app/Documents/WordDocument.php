<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A word and what is meant by it. */
#[OA\Schema]
final readonly class WordDocument
{
    public function __construct(
        #[OA\Property]
        public string $word,
        #[OA\Property]
        public string $meaning,
    ) {}
}
