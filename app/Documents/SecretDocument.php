<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A word that lets somebody in; it is seen this once. */
#[OA\Schema]
final readonly class SecretDocument
{
    public function __construct(
        #[OA\Property]
        public string $word,
        #[OA\Property]
        public string $said,
    ) {}
}
