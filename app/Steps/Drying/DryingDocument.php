<?php

declare(strict_types=1);

namespace App\Steps\Drying;

use App\Documents\FactDocument;
use App\Sheet\SectionDocument;
use OpenApi\Attributes as OA;

/** How the drying goes. */
#[OA\Schema]
final readonly class DryingDocument implements SectionDocument
{
    /**
     * @param  list<FactDocument>  $facts
     * @param  list<WeighingDocument>  $weighings
     */
    public function __construct(
        #[OA\Property(enum: ['not_spread', 'drying', 'steady', 'dry_enough', 'left', 'must_not_dry'])]
        public string $verdict,
        #[OA\Property]
        public string $sentence,
        #[OA\Property]
        public string $ground,
        #[OA\Property(items: new OA\Items(ref: FactDocument::class))]
        public array $facts,
        #[OA\Property]
        public ?float $moisture,
        #[OA\Property]
        public ?float $jar_moisture,
        #[OA\Property]
        public ?float $target_grams,
        #[OA\Property(items: new OA\Items(ref: WeighingDocument::class))]
        public array $weighings,
        #[OA\Property(enum: ['drying'])]
        public string $section = 'drying',
        #[OA\Property(enum: ['racks'])]
        public string $belongs = 'racks',
    ) {}
}
