<?php

declare(strict_types=1);

namespace App\Documents;

use App\Works\Work;
use App\Works\WorkState;
use OpenApi\Attributes as OA;

/** Work that takes a while, as it stands: to be asked for again until it is over. */
#[OA\Schema(schema: 'WorkDocument', required: ['id', 'state', 'share', 'found', 'message'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'state', type: 'string', enum: WorkState::class),
    new OA\Property(property: 'share', description: 'done of it, 0 to 1', type: 'number'),
    new OA\Property(property: 'found', description: 'once it is done; of some work also what was found so far', nullable: true, oneOf: [new OA\Schema(ref: RemediesDocument::class), new OA\Schema(ref: RotaDocument::class), new OA\Schema(ref: RotaPlayDocument::class)]),
    new OA\Property(property: 'message', description: 'why it failed', type: 'string'),
])]
final readonly class WorkDocument
{
    private function __construct(public string $id, public WorkState $state, public float $share, public mixed $found, public string $message) {}

    public static function of(Work $work): self
    {
        return new self($work->id, $work->state, $work->share, $work->found === null ? null : json_decode($work->found, flags: JSON_THROW_ON_ERROR), $work->message);
    }
}
