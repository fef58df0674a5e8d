<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A planting with its lots. */
#[OA\Schema]
final readonly class PlantingDocument
{
    /**
     * @param  ?TagDocument  $sown_lot  the lot it was sown from
     * @param  string  $sown_from  or where the seed came from, in words
     * @param  list<FactDocument>  $facts
     * @param  list<TaskDocument>  $tasks
     * @param  list<OfferDocument>  $offers
     * @param  list<TagDocument>  $lots
     * @param  list<EntryDocument>  $entries
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public TagDocument $tag,
        #[OA\Property]
        public CropDocument $crop,
        #[OA\Property]
        public string $spot,
        #[OA\Property(description: 'where it was planted out to, where that is said; it was sown at its spot')]
        public string $out_in,
        #[OA\Property]
        public ?int $season,
        #[OA\Property]
        public ?string $sown,
        #[OA\Property]
        public ?int $plants,
        #[OA\Property]
        public ?TagDocument $sown_lot,
        #[OA\Property]
        public string $sown_from,
        #[OA\Property(items: new OA\Items(ref: FactDocument::class))]
        public array $facts,
        #[OA\Property(items: new OA\Items(ref: TaskDocument::class))]
        public array $tasks,
        #[OA\Property(items: new OA\Items(ref: OfferDocument::class))]
        public array $offers,
        #[OA\Property(items: new OA\Items(ref: TagDocument::class))]
        public array $lots,
        #[OA\Property(items: new OA\Items(ref: EntryDocument::class))]
        public array $entries,
        #[OA\Property]
        public WalkDocument $walk,
        #[OA\Property(description: 'whether fruit of it may lie on the shelf')]
        public bool $shelf,
    ) {}
}
