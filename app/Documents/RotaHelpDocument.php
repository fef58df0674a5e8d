<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A change that was tried by the same play. */
#[OA\Schema]
final readonly class RotaHelpDocument
{
    /** @param  float  $saves  lines that are kept more by it, in the mean */
    public function __construct(
        #[OA\Property]
        public string $says,
        #[OA\Property]
        public float $saves,
        #[OA\Property]
        public float $hours,
    ) {}
}
