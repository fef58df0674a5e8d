<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A family as it is drawn: a graph in which time runs one way. */
#[OA\Schema]
final readonly class FamilyDrawingDocument
{
    /**
     * @param  list<FamilyNodeDocument>  $nodes
     * @param  list<FamilyLinkDocument>  $links
     * @param  string  $left  what is not drawn one by one; empty where all is
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: FamilyNodeDocument::class))]
        public array $nodes,
        #[OA\Property(items: new OA\Items(ref: FamilyLinkDocument::class))]
        public array $links,
        #[OA\Property]
        public string $left,
    ) {}
}
