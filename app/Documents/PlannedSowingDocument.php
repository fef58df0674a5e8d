<?php

declare(strict_types=1);

namespace App\Documents;

use App\Plans\PlannedTask;
use App\Voice\Quantity;
use OpenApi\Attributes as OA;

/** What a planned sowing begins with, so that nobody has to type it. */
#[OA\Schema]
final readonly class PlannedSowingDocument
{
    /**
     * @param  string  $variety  id
     * @param  ?string  $lot  id of the lot that the packet is of
     * @param  ?string  $container  id of the packet
     * @param  string  $said  the packet that waits for it; empty where none does
     */
    public function __construct(
        #[OA\Property]
        public string $variety,
        #[OA\Property]
        public int $plants,
        #[OA\Property]
        public ?string $lot,
        #[OA\Property]
        public ?string $container,
        #[OA\Property]
        public ?int $seeds,
        #[OA\Property]
        public string $said,
    ) {}

    public static function of(PlannedTask $task): ?self
    {
        if ($task->variety === null) {
            return null;
        }
        $seed = $task->seed;

        return new self($task->variety, $task->plants, $seed?->lot, $seed?->container, $seed?->seeds, $seed === null ? '' : sprintf(
            'Packet %s waits for it: %s, %s.%s',
            $seed->code,
            $seed->seeds === null ? 'some seed' : Quantity::seeds($seed->seeds),
            $seed->path,
            $seed->plants === null || $seed->plants >= $task->plants ? '' : sprintf(' It was made for %s; the plan wants %d.', Quantity::number($seed->plants, 'plant'), $task->plants),
        ));
    }
}
