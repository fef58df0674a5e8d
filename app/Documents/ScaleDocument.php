<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** The scale on which the things of a place are drawn as lines. */
#[OA\Schema]
final readonly class ScaleDocument
{
    /**
     * @param  string  $title  what the lines show
     * @param  string  $legend  what is full, and what is hatched
     * @param  list<TickDocument>  $ticks
     * @param  float|null  $now  where today is; null where the scale is none of time
     */
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $legend,
        #[OA\Property]
        public float $min,
        #[OA\Property]
        public float $max,
        #[OA\Property(items: new OA\Items(ref: TickDocument::class))]
        public array $ticks,
        #[OA\Property]
        public ?float $now,
    ) {}
}
