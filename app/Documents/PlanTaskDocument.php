<?php

declare(strict_types=1);

namespace App\Documents;

use App\Plans\PlannedTask;
use OpenApi\Attributes as OA;

/** Something to be done by the plan. */
#[OA\Schema]
final readonly class PlanTaskDocument
{
    public function __construct(
        #[OA\Property]
        public string $planting,
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public string $on,
        #[OA\Property]
        public ?string $until,
        #[OA\Property]
        public string $do,
        #[OA\Property]
        public string $why,
        #[OA\Property(ref: PlannedSowingDocument::class, nullable: true)]
        public ?PlannedSowingDocument $sow,
        #[OA\Property(ref: PlannedStepDocument::class, nullable: true)]
        public ?PlannedStepDocument $step,
        #[OA\Property]
        public int $year,
    ) {}

    public static function of(PlannedTask $task): self
    {
        return new self($task->planting, $task->kind->value, $task->on, $task->until, $task->do, $task->why, PlannedSowingDocument::of($task), PlannedStepDocument::of($task, $task->code), $task->year);
    }
}
