<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A variety that has no part in the rota, and why. */
#[OA\Schema]
final readonly class RotaApartDocument
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $crop_name,
        #[OA\Property]
        public string $why,
    ) {}
}
