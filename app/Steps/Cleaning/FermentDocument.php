<?php

declare(strict_types=1);

namespace App\Steps\Cleaning;

use OpenApi\Attributes as OA;

/** A ferment and its window. */
#[OA\Schema]
final readonly class FermentDocument
{
    /**
     * @param  float  $temperature  °C
     */
    public function __construct(
        #[OA\Property]
        public string $started,
        #[OA\Property]
        public float $temperature,
        #[OA\Property]
        public string $earliest,
        #[OA\Property]
        public string $typical,
        #[OA\Property]
        public string $latest,
        #[OA\Property]
        public ?string $poured_off,
        #[OA\Property]
        public string $sentence,
    ) {}
}
