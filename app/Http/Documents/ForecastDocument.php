<?php

declare(strict_types=1);

namespace App\Http\Documents;

use OpenApi\Attributes as OA;

/** How long it stays good. */
#[OA\Schema]
final readonly class ForecastDocument
{
    /**
     * @param  list<string>  $ground
     * @param  list<ForecastPointDocument>  $points
     */
    public function __construct(
        #[OA\Property]
        public float $share,
        #[OA\Property]
        public float $low,
        #[OA\Property]
        public float $high,
        #[OA\Property]
        public float $threshold,
        #[OA\Property]
        public string $good_until,
        #[OA\Property]
        public string $until,
        #[OA\Property]
        public string $sentence,
        #[OA\Property]
        public string $range,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $ground,
        #[OA\Property(items: new OA\Items(ref: ForecastPointDocument::class))]
        public array $points,
    ) {}
}
