<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Work\Place;
use OpenApi\Attributes as OA;

/** A place on a day that was. */
#[OA\Schema]
final readonly class ThenPlaceDocument
{
    /** @param  list<ThenThingDocument>  $things */
    public function __construct(
        #[OA\Property(enum: Place::class)]
        public string $place,
        #[OA\Property(items: new OA\Items(ref: ThenThingDocument::class))]
        public array $things,
    ) {}
}
