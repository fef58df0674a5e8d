<?php

declare(strict_types=1);

namespace App\Steps\Drying;

use OpenApi\Attributes as OA;

/** A place where seed dries, and its air over the last days. */
#[OA\Schema]
final readonly class RackRoomDocument
{
    /**
     * @param  string  $says  its air as it was recorded last
     * @param  list<RackDayDocument>  $days  what a logger there told; none where there is none
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $says,
        #[OA\Property(items: new OA\Items(ref: RackDayDocument::class))]
        public array $days,
    ) {}
}
