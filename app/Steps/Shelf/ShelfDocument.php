<?php

declare(strict_types=1);

namespace App\Steps\Shelf;

use OpenApi\Attributes as OA;

/** All fruit on the shelf. */
#[OA\Schema]
final readonly class ShelfDocument
{
    /** @param  list<ShelfRowDocument>  $rows  planting by planting, what is opened soonest first */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: ShelfRowDocument::class))]
        public array $rows,
    ) {}
}
