<?php

declare(strict_types=1);

namespace App\Documents;

use App\Sheet\SectionDocument;
use Marrow\Core\Work\Place;
use OpenApi\Attributes as OA;

/** A lot with everything that is reckoned from its journal. */
#[OA\Schema]
final readonly class LotDocument
{
    /**
     * @param  string|null  $planting  code of the planting it was picked from; null where it came from elsewhere
     * @param  string|null  $crossed  why it is taken to be crossed, where off-types have come to light
     * @param  string|null  $sister  why it may be, where another lot of its bloom is
     * @param  string|null  $advice  what its seed is good for, all told
     * @param  list<TaskDocument>  $tasks
     * @param  list<OfferDocument>  $offers
     * @param  list<SectionDocument>  $sections
     * @param  list<TagDocument>  $grown  plantings that were sown from it
     * @param  list<TagDocument>  $parts  lots that were set apart from it
     * @param  ?TagDocument  $part_of  the lot that it was set apart from
     * @param  list<EntryDocument>  $entries
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property(description: 'id of the variety')]
        public string $variety,
        #[OA\Property]
        public TagDocument $tag,
        #[OA\Property]
        public ?string $planting,
        #[OA\Property]
        public ?string $crossed,
        #[OA\Property]
        public ?string $sister,
        #[OA\Property]
        public LineDocument $line,
        #[OA\Property]
        public ?string $advice,
        #[OA\Property(enum: Place::class)]
        public string $place,
        #[OA\Property]
        public bool $used_up,
        #[OA\Property]
        public string $stage,
        #[OA\Property]
        public CropDocument $crop,
        #[OA\Property(description: '"third own generation", of a line; empty of what was never grown out here, or is counted from a cross')]
        public string $generation,
        #[OA\Property(items: new OA\Items(ref: TaskDocument::class))]
        public array $tasks,
        #[OA\Property(items: new OA\Items(ref: OfferDocument::class))]
        public array $offers,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/SheetSection'))]
        public array $sections,
        #[OA\Property(items: new OA\Items(ref: TagDocument::class))]
        public array $grown,
        #[OA\Property(items: new OA\Items(ref: TagDocument::class))]
        public array $parts,
        #[OA\Property(ref: TagDocument::class, nullable: true)]
        public ?TagDocument $part_of,
        #[OA\Property(items: new OA\Items(ref: EntryDocument::class))]
        public array $entries,
    ) {}
}
