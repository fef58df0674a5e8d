<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Work\Place;
use OpenApi\Attributes as OA;

/** What is in a place. */
#[OA\Schema]
final readonly class PlaceDocument
{
    /**
     * @param  list<ListItemDocument>  $items
     * @param  ?ScaleDocument  $axis  the scale of the lines; null where none are drawn
     * @param  list<string>  $ready  what to have ready for the coming week
     */
    public function __construct(
        #[OA\Property(enum: Place::class)]
        public string $place,
        #[OA\Property(items: new OA\Items(ref: ListItemDocument::class))]
        public array $items,
        #[OA\Property]
        public int $total,
        #[OA\Property]
        public int $page,
        #[OA\Property]
        public int $pages,
        #[OA\Property(ref: ScaleDocument::class, nullable: true)]
        public ?ScaleDocument $axis = null,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $ready = [],
    ) {}
}
