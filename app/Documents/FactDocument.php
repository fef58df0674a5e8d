<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A short fact under its name. */
#[OA\Schema]
final readonly class FactDocument
{
    public function __construct(
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $said,
    ) {}
}
