<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What the handbook has to say of this month, for the crops of this garden. */
#[OA\Schema]
final readonly class SeasonDocument
{
    /**
     * @param  list<SeasonCropDocument>  $sow  may be sown for seed
     * @param  list<SeasonCropDocument>  $bloom  bloom, where they were sown in their season
     * @param  list<SeasonCropDocument>  $ripe  have ripe seed
     * @param  list<SeasonCropDocument>  $lift  are kept by what is dug up, and are due
     * @param  list<SeasonCropDocument>  $others  crops of the handbook that may be sown too, and that the garden does not have
     */
    public function __construct(
        #[OA\Property]
        public string $month,
        #[OA\Property(items: new OA\Items(ref: SeasonCropDocument::class))]
        public array $sow,
        #[OA\Property(items: new OA\Items(ref: SeasonCropDocument::class))]
        public array $bloom,
        #[OA\Property(items: new OA\Items(ref: SeasonCropDocument::class))]
        public array $ripe,
        #[OA\Property(items: new OA\Items(ref: SeasonCropDocument::class))]
        public array $lift,
        #[OA\Property(items: new OA\Items(ref: SeasonCropDocument::class))]
        public array $others,
    ) {}
}
