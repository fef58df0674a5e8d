<?php

declare(strict_types=1);

namespace App\Reckoners\Pictures;

use OpenApi\Attributes as OA;

/** One side of a picture. */
#[OA\Schema(schema: 'AxisDocument')]
final readonly class Axis
{
    /** @param  string  $unit  '%' where the figures are shares to be read in per cent */
    public function __construct(
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $unit,
        #[OA\Property]
        public float $min,
        #[OA\Property]
        public float $max,
    ) {}
}
