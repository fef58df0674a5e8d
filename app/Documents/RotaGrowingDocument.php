<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A line grown for seed once. Years are of the calendar. */
#[OA\Schema]
final readonly class RotaGrowingDocument
{
    public function __construct(
        #[OA\Property]
        public int $sow,
        #[OA\Property]
        public int $harvest,
        #[OA\Property]
        public string $why,
        #[OA\Property]
        public bool $pinned,
    ) {}
}
