<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A kind of entry as it can be told of anything of its sort, however that stands. */
#[OA\Schema]
final readonly class KindDocument
{
    /**
     * @param  list<string>  $of  sorts of things that it can be about
     * @param  ?string  $from  sort of the thing that a new one begins from with it
     * @param  bool  $starts  whether a thing can begin with it
     * @param  list<FieldCheckDocument>  $checks  of the fields that somebody is asked
     * @param  ?string  $needs  its field that holds the id of what an earlier entry of another kind made, as the test that is counted
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(type: 'string', enum: ['planting', 'lot', 'container', 'place']))]
        public array $of,
        #[OA\Property]
        public ?string $from,
        #[OA\Property]
        public bool $starts,
        #[OA\Property]
        public ?string $needs,
        #[OA\Property]
        public OfferDocument $offer,
        #[OA\Property(items: new OA\Items(ref: FieldCheckDocument::class))]
        public array $checks,
    ) {}
}
