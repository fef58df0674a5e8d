<?php

declare(strict_types=1);

namespace App\Http\Documents;

use OpenApi\Attributes as OA;

/** A place to keep seed in. */
#[OA\Schema]
final readonly class StorePlaceDocument
{
    /**
     * @param  float  $temperature  °C
     * @param  float  $rh  per cent
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $temperature,
        #[OA\Property]
        public float $rh,
    ) {}
}
