<?php

declare(strict_types=1);

namespace App\Steps\Tasting;

use App\Documents\TagDocument;
use OpenApi\Attributes as OA;

/** The tastings of a planting, and what one could be held of. */
#[OA\Schema]
final readonly class TastingsDocument
{
    /**
     * @param  string  $id  of the planting
     * @param  list<int>  $plants  numbers of those that may be tasted
     * @param  list<int>  $fruits  numbers of fruit that is open
     * @param  list<string>  $wants  how many tasters are wanted for two plates, for three, and so on
     * @param  list<string>  $cautions
     * @param  list<TastingDocument>  $tastings  the newest first
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public TagDocument $tag,
        #[OA\Property(items: new OA\Items(type: 'integer'))]
        public array $plants,
        #[OA\Property(items: new OA\Items(type: 'integer'))]
        public array $fruits,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $wants,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $cautions,
        #[OA\Property(items: new OA\Items(ref: TastingDocument::class))]
        public array $tastings,
    ) {}
}
