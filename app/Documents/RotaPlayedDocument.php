<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** How likely a line is alive at the end, played. */
#[OA\Schema]
final readonly class RotaPlayedDocument
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $crop_name,
        #[OA\Property]
        public float $kept,
        #[OA\Property]
        public float $without,
    ) {}
}
