<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** One thing in a place, with the figure that matters there. */
#[OA\Schema]
final readonly class ListItemDocument
{
    /**
     * @param  string  $label  what the figure is
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
    ) {}
}
