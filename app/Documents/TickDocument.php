<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A mark on a scale. */
#[OA\Schema]
final readonly class TickDocument
{
    public function __construct(
        #[OA\Property]
        public float $at,
        #[OA\Property]
        public string $label,
    ) {}
}
