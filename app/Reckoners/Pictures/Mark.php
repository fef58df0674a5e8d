<?php

declare(strict_types=1);

namespace App\Reckoners\Pictures;

use OpenApi\Attributes as OA;

/** A line across a picture, with what it means. */
#[OA\Schema(schema: 'MarkDocument')]
final readonly class Mark
{
    /**
     * @param  'x'|'y'  $axis  on which it stands
     * @param  bool  $alarm  whether beyond it something is lost
     */
    public function __construct(
        #[OA\Property(enum: ['x', 'y'])]
        public string $axis,
        #[OA\Property]
        public float $at,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public bool $alarm = false,
    ) {}
}
