<?php

declare(strict_types=1);

namespace App\Documents;

use App\Plans\PlannedTask;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Season\PlanTaskKind;
use Marrow\Core\Steps\Growing\FirstBloom;
use Marrow\Core\Steps\Pollinating\HandWanted;
use Marrow\Core\Steps\Tending\Covered;
use Marrow\Core\Steps\Tending\Lifted;
use Marrow\Core\Steps\Tending\PlantedOut;
use Marrow\Core\Steps\Tending\Replanted;
use Marrow\Core\Steps\Tending\Rogued;
use Marrow\Core\Steps\Tending\WinterLost;
use OpenApi\Attributes as OA;

/** What the plan asks of a planting that stands, as it is recorded: with one tap where nothing must be typed. */
#[OA\Schema]
final readonly class PlannedStepDocument
{
    /**
     * @param  string  $planting  id
     * @param  string  $kind  of entry
     * @param  string  $act  for the button
     * @param  object|null  $payload  all of it, where nothing must be typed; null where it is recorded on the planting's page
     * @param  string  $put_off  the task, when it is put off
     */
    public function __construct(
        #[OA\Property]
        public string $planting,
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public string $act,
        #[OA\Property(type: 'object', nullable: true, additionalProperties: new OA\AdditionalProperties(oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'number')]))]
        public ?object $payload,
        #[OA\Property]
        public string $put_off,
    ) {}

    public static function of(PlannedTask $task, string $code): ?self
    {
        [$payload, $typed] = match ($task->kind) {
            PlanTaskKind::PlantOut => [PlantedOut::class, $task->standing > 0 ? ['plants' => $task->standing, ...($task->bed === '' ? [] : ['where' => $task->bed])] : null],
            PlanTaskKind::CoverUp => [Covered::class, $task->with === null ? null : ['with' => $task->with->value]],
            PlanTaskKind::WatchBloom => [FirstBloom::class, []],
            PlanTaskKind::Replant => [Replanted::class, $task->inStore > 0 ? ['plants' => $task->inStore] : null],
            PlanTaskKind::Lift => [Lifted::class, null],
            PlanTaskKind::Sort => [WinterLost::class, null],
            PlanTaskKind::LookOver => [Rogued::class, null],
            PlanTaskKind::Pollinate => [HandWanted::class, null],
            PlanTaskKind::Sow, PlanTaskKind::Unsown, PlanTaskKind::ChangeCages, PlanTaskKind::Shake, PlanTaskKind::LookForRipe, PlanTaskKind::LiftKept, PlanTaskKind::ClearBed => [null, null],
        };

        return $task->grown === null || $payload === null ? null : self::with($task, $payload, $typed, $code);
    }

    /**
     * @param  class-string<Payload>  $payload
     * @param  ?array<string, string|int>  $typed
     */
    private static function with(PlannedTask $task, string $payload, ?array $typed, string $code): self
    {
        $kind = Kind::declared($payload);

        return new self((string) $task->grown, $code, $kind->name, $kind->act, $typed === null ? null : (object) $typed, PlannedTask::PUT_OFF.$task->kind->value);
    }
}
