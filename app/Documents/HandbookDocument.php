<?php

declare(strict_types=1);

namespace App\Documents;

use App\Reckoners\Pictures\Picture;
use OpenApi\Attributes as OA;

/** A page of the handbook: a crop to be read about. */
#[OA\Schema]
final readonly class HandbookDocument
{
    /**
     * @param  list<HandbookSectionDocument>  $sections
     * @param  list<KinDocument>  $kin  crops of the handbook that it crosses with
     * @param  list<RelationDocument>  $relations  other species, that it crosses with or is wrongly said to
     * @param  list<YearSpanDocument>  $year
     * @param  string|null  $here  how this garden's year differs from the one drawn; null where it does not
     * @param  list<FactDocument>  $sources
     * @param  list<SettingDocument>  $schools  what may be done another way with it than with other crops
     * @param  ?Picture  $balance  what moisture its seed settles to in air; null where it must not dry
     */
    public function __construct(
        #[OA\Property]
        public CropNameDocument $crop,
        #[OA\Property(items: new OA\Items(ref: HandbookSectionDocument::class))]
        public array $sections,
        #[OA\Property(items: new OA\Items(ref: KinDocument::class))]
        public array $kin,
        #[OA\Property(items: new OA\Items(ref: RelationDocument::class))]
        public array $relations,
        #[OA\Property(items: new OA\Items(ref: YearSpanDocument::class))]
        public array $year,
        #[OA\Property]
        public ?string $here,
        #[OA\Property(items: new OA\Items(ref: FactDocument::class))]
        public array $sources,
        #[OA\Property(ref: SeedLookDocument::class, nullable: true)]
        public ?SeedLookDocument $look,
        #[OA\Property(ref: Picture::class, nullable: true)]
        public ?Picture $balance,
        #[OA\Property(items: new OA\Items(ref: SettingDocument::class))]
        public array $schools,
    ) {}
}
