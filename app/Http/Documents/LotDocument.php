<?php

declare(strict_types=1);

namespace App\Http\Documents;

use OpenApi\Attributes as OA;

/** A lot with everything that is reckoned from its journal. */
#[OA\Schema]
final readonly class LotDocument
{
    /**
     * @param  string  $planting  code of the planting
     * @param  string|null  $crossed  why it is taken to be crossed, where off-types have come to light
     * @param  list<TaskDocument>  $tasks
     * @param  list<OfferDocument>  $offers
     * @param  list<TestDocument>  $tests
     * @param  float|null  $tsm  g, where it is known of this lot
     * @param  float|null  $tsm_cv  per cent
     * @param  list<EntryDocument>  $entries
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public TagDocument $tag,
        #[OA\Property]
        public string $planting,
        #[OA\Property]
        public ?string $crossed,
        #[OA\Property(enum: ['plot', 'bench', 'racks', 'trays', 'store'])]
        public string $place,
        #[OA\Property]
        public bool $used_up,
        #[OA\Property]
        public string $stage,
        #[OA\Property]
        public CropDocument $crop,
        #[OA\Property(items: new OA\Items(ref: TaskDocument::class))]
        public array $tasks,
        #[OA\Property(items: new OA\Items(ref: OfferDocument::class))]
        public array $offers,
        #[OA\Property]
        public ?HarvestDocument $harvest,
        #[OA\Property]
        public ?FermentDocument $ferment,
        #[OA\Property]
        public ?DryingDocument $drying,
        #[OA\Property(items: new OA\Items(ref: TestDocument::class))]
        public array $tests,
        #[OA\Property]
        public ?float $tsm,
        #[OA\Property]
        public ?float $tsm_cv,
        #[OA\Property]
        public ?StoreDocument $store,
        #[OA\Property]
        public ?ForecastDocument $forecast,
        #[OA\Property(items: new OA\Items(ref: EntryDocument::class))]
        public array $entries,
    ) {}
}
