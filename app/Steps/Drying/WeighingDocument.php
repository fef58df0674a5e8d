<?php

declare(strict_types=1);

namespace App\Steps\Drying;

use OpenApi\Attributes as OA;

/** One weighing. */
#[OA\Schema]
final readonly class WeighingDocument
{
    /**
     * @param  float  $hours  since it was spread
     * @param  float|null  $moisture  per cent of wet mass
     */
    public function __construct(
        #[OA\Property]
        public string $at,
        #[OA\Property]
        public float $hours,
        #[OA\Property]
        public float $grams,
        #[OA\Property]
        public ?float $moisture,
    ) {}
}
