<?php

declare(strict_types=1);

namespace App\Steps\Drying;

use OpenApi\Attributes as OA;

/** What dries, and the air it dries in. */
#[OA\Schema]
final readonly class RacksDocument
{
    /**
     * @param  list<RackLotDocument>  $lots
     * @param  list<RackRoomDocument>  $rooms  where they lie
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: RackLotDocument::class))]
        public array $lots,
        #[OA\Property(items: new OA\Items(ref: RackRoomDocument::class))]
        public array $rooms,
    ) {}
}
