<?php

declare(strict_types=1);

namespace App\Steps\Keeping;

use OpenApi\Attributes as OA;

/** The share alive at a moment, with its limits. */
#[OA\Schema]
final readonly class ForecastPointDocument
{
    public function __construct(
        #[OA\Property]
        public string $at,
        #[OA\Property]
        public float $share,
        #[OA\Property]
        public float $low,
        #[OA\Property]
        public float $high,
    ) {}
}
