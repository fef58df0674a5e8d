<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** One week of the belt, from Monday. */
#[OA\Schema]
final readonly class BeltWeekDocument
{
    /**
     * @param  list<BeltDayDocument>  $days
     */
    public function __construct(
        #[OA\Property]
        public string $starts,
        #[OA\Property]
        public int $count,
        #[OA\Property]
        public bool $alarm,
        #[OA\Property(items: new OA\Items(ref: BeltDayDocument::class))]
        public array $days,
    ) {}
}
