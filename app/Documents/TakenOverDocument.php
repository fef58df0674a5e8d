<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Steps\Choosing\Aim;
use OpenApi\Attributes as OA;

/** By what a variety was chosen the last time. */
#[OA\Schema]
final readonly class TakenOverDocument
{
    /** @param  string  $traits  as they were typed */
    public function __construct(
        #[OA\Property]
        public int $season,
        #[OA\Property]
        public string $traits,
        #[OA\Property(enum: Aim::class)]
        public string $aim,
    ) {}
}
