<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A crossing that came to light: what it touches, and what there is to go back to. */
#[OA\Schema]
final readonly class CrossedDocument
{
    /**
     * @param  list<TagDocument>  $touched  lots, this one among them
     * @param  list<CleanLotDocument>  $clean  lots of the variety that it does not touch, the best to go back to first
     * @param  string  $none  where there is none; else empty
     * @param  list<CleanLotDocument>  $standing  plantings of touched seed that may still be on the plot, and what to do with each
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: TagDocument::class))]
        public array $touched,
        #[OA\Property(items: new OA\Items(ref: CleanLotDocument::class))]
        public array $clean,
        #[OA\Property]
        public string $none,
        #[OA\Property(items: new OA\Items(ref: CleanLotDocument::class))]
        public array $standing,
    ) {}
}
