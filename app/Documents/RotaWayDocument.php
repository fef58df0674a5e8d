<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Something that could be given up or got, with its price. */
#[OA\Schema]
final readonly class RotaWayDocument
{
    /** @param  float  $price  by how much the rota then costs more than if nothing were pinned */
    public function __construct(
        #[OA\Property]
        public string $give_up,
        #[OA\Property(nullable: true)]
        public ?string $line,
        #[OA\Property(nullable: true)]
        public ?int $year,
        #[OA\Property(nullable: true)]
        public ?string $resource,
        #[OA\Property]
        public float $amount,
        #[OA\Property]
        public string $says,
        #[OA\Property]
        public float $price,
        #[OA\Property]
        public string $price_said,
    ) {}
}
