<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Steps\Cleaning\VesselShape;
use OpenApi\Attributes as OA;

/** One thing in a place, with the figure that matters there. */
#[OA\Schema]
final readonly class ListItemDocument
{
    /**
     * @param  string  $label  what the figure is
     * @param  ?string  $vessel  what it stands in, where that is drawn
     * @param  ?BarDocument  $bar  as a line on the scale of the place; null where nothing can be drawn of it
     */
    public function __construct(
        #[OA\Property]
        public TagDocument $tag,
        #[OA\Property]
        public string $figure,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $detail,
        #[OA\Property]
        public ?TaskDocument $task,
        #[OA\Property]
        public bool $at_risk,
        #[OA\Property(ref: BarDocument::class, nullable: true)]
        public ?BarDocument $bar = null,
        #[OA\Property(enum: VesselShape::class, nullable: true)]
        public ?string $vessel = null,
    ) {}
}
