<?php

declare(strict_types=1);

namespace App\Steps\Storing;

use App\Documents\OfferDocument;
use OpenApi\Attributes as OA;

/** Some of a lot, or all of it, in one container. */
#[OA\Schema]
final readonly class InContainerDocument
{
    /**
     * @param  string  $path  where it is, from the place inwards
     * @param  string  $amount  how much of the lot
     * @param  string  $moisture  how moist it is there; empty where that means nothing
     * @param  ?string  $cold  until when it is to be left shut; null where it is not cold
     * @param  list<OfferDocument>  $offers  what can be done with this one alone
     */
    public function __construct(
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public string $path,
        #[OA\Property]
        public string $amount,
        #[OA\Property]
        public string $moisture,
        #[OA\Property]
        public ?string $cold,
        #[OA\Property(items: new OA\Items(ref: OfferDocument::class))]
        public array $offers,
    ) {}
}
