<?php

declare(strict_types=1);

namespace App\Documents;

use App\Plans\PlannedTask;
use App\Voice\Quantity;
use App\Voice\When;
use DateTimeImmutable;
use OpenApi\Attributes as OA;

/** Something to be done by the plan. */
#[OA\Schema]
final readonly class PlanTaskDocument
{
    /**
     * @param  string  $away  how far off it is, or since when it is late
     * @param  'ahead'|'now'|'late'  $state
     */
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
        #[OA\Property]
        public string $away,
        #[OA\Property(enum: ['ahead', 'now', 'late'])]
        public string $state,
    ) {}

    public static function of(PlannedTask $task, When $when): self
    {
        $from = new DateTimeImmutable($task->on, $when->now->getTimezone());
        $until = new DateTimeImmutable($task->until ?? $task->on, $when->now->getTimezone());
        [$state, $away] = match (true) {
            $when->daysTo($until) < 0 => ['late', $when->span($until).' late'],
            $when->daysTo($from) > 0 => ['ahead', 'in '.$when->span($from)],
            $when->daysTo($until) === 0 => ['now', $task->until === null ? 'today' : 'today is the last day'],
            // Its days stand beside it.
            default => ['now', 'now, '.Quantity::number($when->daysTo($until), 'day').' left'],
        };

        return new self($task->planting, $task->kind->value, $task->on, $task->until, $task->do, $task->why, PlannedSowingDocument::of($task), PlannedStepDocument::of($task, $task->code), $task->year, $away, $state);
    }
}
