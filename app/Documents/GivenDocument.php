<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Seed that somebody was given of a lot. */
#[OA\Schema]
final readonly class GivenDocument
{
    /**
     * @param  string  $entry  id of the entry by which it was given
     * @param  string  $lot  id
     * @param  string  $amount  how much
     * @param  string  $said  what there is to say of it now; empty where there is nothing
     * @param  OfferDocument|null  $told  how it is recorded that they were told; null where they need not be, or were
     */
    public function __construct(
        #[OA\Property]
        public string $entry,
        #[OA\Property]
        public string $lot,
        #[OA\Property(ref: TagDocument::class)]
        public TagDocument $tag,
        #[OA\Property]
        public string $on,
        #[OA\Property]
        public string $amount,
        #[OA\Property]
        public string $said,
        #[OA\Property(ref: OfferDocument::class, nullable: true)]
        public ?OfferDocument $told,
    ) {}
}
