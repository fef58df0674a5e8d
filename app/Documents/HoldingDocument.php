<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What lies in a place or a container, and what was recorded of it. */
#[OA\Schema]
final readonly class HoldingDocument
{
    /**
     * @param  object  $typed  by field, as it would be typed again
     * @param  list<HolderDocument>  $containers  that lie in it
     * @param  list<HeldLotDocument>  $lots
     * @param  list<OfferDocument>  $offers
     * @param  list<TaskDocument>  $tasks
     * @param  list<EntryDocument>  $entries
     */
    public function __construct(
        #[OA\Property]
        public HolderDocument $holder,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))]
        public object $typed,
        #[OA\Property(items: new OA\Items(ref: HolderDocument::class))]
        public array $containers,
        #[OA\Property(items: new OA\Items(ref: HeldLotDocument::class))]
        public array $lots,
        #[OA\Property(items: new OA\Items(ref: OfferDocument::class))]
        public array $offers,
        #[OA\Property(items: new OA\Items(ref: TaskDocument::class))]
        public array $tasks,
        #[OA\Property(items: new OA\Items(ref: EntryDocument::class))]
        public array $entries,
    ) {}
}
