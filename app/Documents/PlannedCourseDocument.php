<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What a planned planting does in time, and how it stands. */
#[OA\Schema]
final readonly class PlannedCourseDocument
{
    /**
     * @param  string  $id  of the planned planting
     * @param  string|null  $enough  how many plants it takes, and whether these are enough
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $variety,
        #[OA\Property]
        public string $crop,
        #[OA\Property]
        public string $latin,
        #[OA\Property(enum: ['clear', 'watch', 'act', 'information', 'none'])]
        public string $verdict,
        #[OA\Property]
        public ?string $bloom_first,
        #[OA\Property]
        public ?string $bloom_last,
        #[OA\Property]
        public ?string $ripe_from,
        #[OA\Property]
        public ?string $ripe_to,
        #[OA\Property]
        public string $free,
        #[OA\Property]
        public ?string $enough,
    ) {}
}
