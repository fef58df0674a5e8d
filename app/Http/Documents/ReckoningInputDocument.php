<?php

declare(strict_types=1);

namespace App\Http\Documents;

use OpenApi\Attributes as OA;

/** One input of a reckoning, as every door knows it. */
#[OA\Schema]
final readonly class ReckoningInputDocument
{
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property(enum: ['number', 'integer', 'share', 'numbers', 'integers', 'crop', 'rows', 'segments'])]
        public string $type,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $unit,
        #[OA\Property]
        public string $bounds,
        #[OA\Property]
        public bool $required,
        #[OA\Property]
        public ?string $default,
    ) {}
}
