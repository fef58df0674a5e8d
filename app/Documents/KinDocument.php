<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Another crop that a crop crosses with. */
#[OA\Schema]
final readonly class KinDocument
{
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $latin,
        #[OA\Property(enum: ['freely', 'now and then'])]
        public string $crosses,
    ) {}
}
