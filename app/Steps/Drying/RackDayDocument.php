<?php

declare(strict_types=1);

namespace App\Steps\Drying;

use OpenApi\Attributes as OA;

/** The humidity of a place on one day. */
#[OA\Schema]
final readonly class RackDayDocument
{
    /**
     * @param  float  $low  % RH
     * @param  float  $mean  % RH
     * @param  float  $high  % RH
     */
    public function __construct(
        #[OA\Property]
        public string $day,
        #[OA\Property]
        public float $low,
        #[OA\Property]
        public float $mean,
        #[OA\Property]
        public float $high,
    ) {}
}
