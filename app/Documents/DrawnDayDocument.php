<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What an instrument told of a day, or of a month that begins with it. */
#[OA\Schema]
final readonly class DrawnDayDocument
{
    public function __construct(
        #[OA\Property]
        public string $day,
        #[OA\Property]
        public float $least,
        #[OA\Property]
        public float $greatest,
        #[OA\Property]
        public float $mean,
    ) {}
}
