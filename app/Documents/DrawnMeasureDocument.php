<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** One measure of an instrument over time. */
#[OA\Schema]
final readonly class DrawnMeasureDocument
{
    /**
     * @param  ?string  $now  its last reading in words; null where there is none
     * @param  list<DrawnDayDocument>  $days
     */
    public function __construct(
        #[OA\Property]
        public string $measure,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $unit,
        #[OA\Property]
        public ?string $now,
        #[OA\Property(items: new OA\Items(ref: DrawnDayDocument::class))]
        public array $days,
    ) {}
}
