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
     * @param  list<string>  $says  where it lies or is shut in, and how far that takes it
     * @param  list<WeighingDocument>  $weighings
     * @param  ?float  $low  per cent of wet mass within which its moisture is known to be
     * @param  ?DryingChartDocument  $chart  its way to dry; null where there is nothing to draw
     */
    public function __construct(
        #[OA\Property(enum: ['not_spread', 'drying', 'steady', 'stopped', 'by_hand', 'dry_enough', 'left', 'must_not_dry'])]
        public string $verdict,
        #[OA\Property]
        public string $sentence,
        #[OA\Property]
        public string $ground,
        #[OA\Property(items: new OA\Items(ref: FactDocument::class))]
        public array $facts,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $says,
        #[OA\Property]
        public ?float $moisture,
        #[OA\Property]
        public ?float $low,
        #[OA\Property]
        public ?float $high,
        #[OA\Property]
        public ?float $jar_moisture,
        #[OA\Property]
        public ?float $target_grams,
        #[OA\Property(items: new OA\Items(ref: WeighingDocument::class))]
        public array $weighings,
        #[OA\Property(ref: DryingChartDocument::class, nullable: true)]
        public ?DryingChartDocument $chart,
        #[OA\Property(enum: ['drying'])]
        public string $section = 'drying',
        #[OA\Property(enum: ['racks'])]
        public string $belongs = 'racks',
    ) {}
}
