<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A season's plan with everything that is reckoned from it. */
#[OA\Schema]
final readonly class PlanDocument
{
    /**
     * @param  string|null  $last_change  what can be taken back
     * @param  list<PlannedCourseDocument>  $plantings  in the order of the plan
     * @param  list<IsolationRiskDocument>  $risks  of plantings kept for seed, the most at risk first
     * @param  list<PlanRemarkDocument>  $remarks  what is allowed but worth saying
     * @param  list<PlanTaskDocument>  $tasks  in order of time
     */
    public function __construct(
        #[OA\Property]
        public int $year,
        #[OA\Property]
        public int $version,
        #[OA\Property]
        public ?string $last_change,
        #[OA\Property]
        public PlanContentDocument $content,
        #[OA\Property]
        public PlanTypedDocument $typed,
        #[OA\Property(items: new OA\Items(ref: PlannedCourseDocument::class))]
        public array $plantings,
        #[OA\Property(items: new OA\Items(ref: IsolationRiskDocument::class))]
        public array $risks,
        #[OA\Property(items: new OA\Items(ref: PlanRemarkDocument::class))]
        public array $remarks,
        #[OA\Property(items: new OA\Items(ref: PlanTaskDocument::class))]
        public array $tasks,
    ) {}
}
