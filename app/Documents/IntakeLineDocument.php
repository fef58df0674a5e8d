<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A line of a list, as it was understood. */
#[OA\Schema]
final readonly class IntakeLineDocument
{
    /**
     * @param  string  $line  its id
     * @param  string  $status  ready; doubtful: it is kept as its doubts say; stopped: it cannot be kept as it is; stands: it is here already
     * @param  object  $shown  what each cell was taken as, by column
     * @param  string  $new_place  name of a place that is new with it; empty of none
     * @param  bool  $new_variety  whether its variety is new with it
     * @param  list<IntakeDoubtDocument>  $doubts
     */
    public function __construct(
        #[OA\Property]
        public string $line,
        #[OA\Property(enum: ['ready', 'doubtful', 'stopped', 'stands'])]
        public string $status,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))]
        public object $shown,
        #[OA\Property]
        public string $new_place,
        #[OA\Property]
        public bool $new_variety,
        #[OA\Property]
        public bool $hybrid,
        #[OA\Property(items: new OA\Items(ref: IntakeDoubtDocument::class))]
        public array $doubts,
    ) {}
}
