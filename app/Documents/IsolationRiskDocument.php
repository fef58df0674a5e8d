<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** How a planting kept for seed stands apart. */
#[OA\Schema]
final readonly class IsolationRiskDocument
{
    /** @param  list<RiskSourceDocument>  $sources  the largest first */
    public function __construct(
        #[OA\Property]
        public string $planting,
        #[OA\Property(enum: ['clear', 'watch', 'act', 'information'])]
        public string $verdict,
        #[OA\Property]
        public float $share,
        #[OA\Property]
        public string $sentence,
        #[OA\Property]
        public string $because,
        #[OA\Property(items: new OA\Items(ref: RiskSourceDocument::class))]
        public array $sources,
    ) {}
}
