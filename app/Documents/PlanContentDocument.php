<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Season\SeasonPlan;
use OpenApi\Attributes as OA;

/** A season's plan as it is drawn and typed. */
#[OA\Schema]
final readonly class PlanContentDocument
{
    /**
     * @param  list<BedDocument>  $beds
     * @param  list<BarrierDocument>  $barriers
     * @param  list<PollenSourceDocument>  $sources
     * @param  list<PlannedPlantingDocument>  $plantings
     */
    public function __construct(
        #[OA\Property]
        public int $year,
        #[OA\Property]
        public GroundDocument $ground,
        #[OA\Property]
        public IsolationSettingDocument $isolation,
        #[OA\Property(items: new OA\Items(ref: BedDocument::class))]
        public array $beds,
        #[OA\Property(items: new OA\Items(ref: BarrierDocument::class))]
        public array $barriers,
        #[OA\Property(items: new OA\Items(ref: PollenSourceDocument::class))]
        public array $sources,
        #[OA\Property(items: new OA\Items(ref: PlannedPlantingDocument::class))]
        public array $plantings,
    ) {}

    public static function of(SeasonPlan $plan): self
    {
        return new self(
            $plan->year,
            GroundDocument::of($plan->ground),
            IsolationSettingDocument::of($plan->isolation),
            array_map(BedDocument::of(...), $plan->beds),
            array_map(BarrierDocument::of(...), $plan->barriers),
            array_map(PollenSourceDocument::of(...), $plan->sources),
            array_map(PlannedPlantingDocument::of(...), $plan->plantings),
        );
    }
}
