<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** One planting on a round through the garden: what to look at, and what is recorded of it. */
#[OA\Schema]
final readonly class RoundLineDocument
{
    /**
     * @param  string  $id  of the planting
     * @param  list<string>  $says  sentences
     * @param  ?RipenessDocument  $ripeness  what is looked at on a round for ripe seed; null on any other
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public TagDocument $tag,
        #[OA\Property]
        public string $spot,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $says,
        #[OA\Property]
        public OfferDocument $offer,
        #[OA\Property(ref: RipenessDocument::class, nullable: true)]
        public ?RipenessDocument $ripeness = null,
    ) {}
}
