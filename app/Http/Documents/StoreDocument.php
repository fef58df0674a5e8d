<?php

declare(strict_types=1);

namespace App\Http\Documents;

use OpenApi\Attributes as OA;

/** Where and how much. */
#[OA\Schema]
final readonly class StoreDocument
{
    /**
     * @param  float  $rh  per cent
     */
    public function __construct(
        #[OA\Property]
        public string $container,
        #[OA\Property]
        public bool $tight,
        #[OA\Property]
        public string $place,
        #[OA\Property]
        public float $temperature,
        #[OA\Property]
        public float $rh,
        #[OA\Property]
        public string $since,
        #[OA\Property]
        public ?string $stock,
        #[OA\Property]
        public ?float $seeds,
        #[OA\Property]
        public ?float $grams,
        #[OA\Property]
        public ?float $moisture,
        #[OA\Property]
        public ?string $no_forecast,
    ) {}
}
