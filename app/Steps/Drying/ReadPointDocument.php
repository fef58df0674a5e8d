<?php

declare(strict_types=1);

namespace App\Steps\Drying;

use OpenApi\Attributes as OA;

/** How moist seed was by a reading, and within what. */
#[OA\Schema]
final readonly class ReadPointDocument
{
    /**
     * @param  float  $hours  since it was spread
     * @param  float  $low  per cent of wet mass
     */
    public function __construct(
        #[OA\Property]
        public float $hours,
        #[OA\Property]
        public float $low,
        #[OA\Property]
        public float $high,
    ) {}
}
