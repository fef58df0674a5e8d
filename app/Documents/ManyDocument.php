<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What can be recorded of several things at once. */
#[OA\Schema]
final readonly class ManyDocument
{
    /**
     * @param  list<OneOfManyDocument>  $things  in the order in which they were named, those that are not there left out
     * @param  list<ManyOfferDocument>  $offers  the likeliest first, what can be recorded of most of them before the rest
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: OneOfManyDocument::class))]
        public array $things,
        #[OA\Property(items: new OA\Items(ref: ManyOfferDocument::class))]
        public array $offers,
    ) {}
}
