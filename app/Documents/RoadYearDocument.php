<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What of a cross is still mixed in one plant of a generation. */
#[OA\Schema]
final readonly class RoadYearDocument
{
    /**
     * @param  float  $selfed  share of what differed, if each plant was selfed, 0 … 1
     * @param  float  $open  the same, as the crop sets seed where nothing is shut away
     */
    public function __construct(
        #[OA\Property]
        public string $generation,
        #[OA\Property]
        public float $selfed,
        #[OA\Property]
        public float $open,
        #[OA\Property]
        public bool $now,
    ) {}
}
