<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What a year of the rota asks, and what is given; a limit that is null is none. */
#[OA\Schema]
final readonly class RotaYearDocument
{
    public function __construct(
        #[OA\Property]
        public int $year,
        #[OA\Property]
        public float $area_m2,
        #[OA\Property(nullable: true)]
        public ?float $area_limit,
        #[OA\Property]
        public float $hours,
        #[OA\Property(nullable: true)]
        public ?float $hours_limit,
        #[OA\Property]
        public float $cages,
        #[OA\Property(nullable: true)]
        public ?float $cages_limit,
    ) {}
}
