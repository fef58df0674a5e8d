<?php

declare(strict_types=1);

namespace App\Steps\Tasting;

use OpenApi\Attributes as OA;

/** What a tasting says of one plant of the row. */
#[OA\Schema]
final readonly class PlantTastedDocument
{
    /**
     * @param  int  $plant  its number along the row
     * @param  float  $mark  mean of its marks, from 1 to 5
     */
    public function __construct(
        #[OA\Property]
        public int $plant,
        #[OA\Property]
        public float $mark,
    ) {}
}
