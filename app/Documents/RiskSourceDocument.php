<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** One source of foreign pollen of a planting. */
#[OA\Schema]
final readonly class RiskSourceDocument
{
    /**
     * @param  string  $id  of a planned planting, or of a source outside the garden
     * @param  string|null  $from  first day on which both bloom
     * @param  string|null  $to  last
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $share,
        #[OA\Property(enum: ['clear', 'watch', 'act'])]
        public string $verdict,
        #[OA\Property]
        public string $sentence,
        #[OA\Property]
        public ?string $from,
        #[OA\Property]
        public ?string $to,
    ) {}
}
