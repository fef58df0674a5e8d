<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Work\Place;
use OpenApi\Attributes as OA;

/** How many things are in a place, and how many of them want hands. */
#[OA\Schema]
final readonly class PlaceCountDocument
{
    /** @param  int  $hands  counted up to 1,000 */
    public function __construct(
        #[OA\Property(enum: Place::class)]
        public string $place,
        #[OA\Property]
        public int $here,
        #[OA\Property]
        public int $hands,
    ) {}
}
