<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Something that can be recorded of several things at once. */
#[OA\Schema]
final readonly class ManyOfferDocument
{
    /**
     * @param  OfferDocument  $offer  as it is asked once; a field whose usual value is another for each has none here
     * @param  list<string>  $of  ids of the things of which it can be recorded
     * @param  list<OwnUsualDocument>  $own  the usual values that are another for each
     */
    public function __construct(
        #[OA\Property]
        public OfferDocument $offer,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $of,
        #[OA\Property(items: new OA\Items(ref: OwnUsualDocument::class))]
        public array $own,
    ) {}
}
