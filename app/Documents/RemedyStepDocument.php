<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** One measure. */
#[OA\Schema]
final readonly class RemedyStepDocument
{
    public function __construct(
        #[OA\Property]
        public string $planting,
        #[OA\Property(enum: ['shift', 'move', 'cut_flowers', 'bag', 'alternate', 'cage', 'cloth', 'leave_out'])]
        public string $kind,
        #[OA\Property]
        public string $sentence,
    ) {}
}
