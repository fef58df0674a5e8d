<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A lot parted into packets for the years to come: what is asked, what would be made, and what it rests on. */
#[OA\Schema]
final readonly class PortioningDocument
{
    /**
     * @param  list<FieldDocument>  $fields  what is asked
     * @param  OfferDocument|null  $make  how they are made; null where there are none to make
     * @param  string  $there  how much there is to part
     * @param  bool  $counted  whether anybody knows how much there is
     * @param  string  $said  what comes of it, or why nothing does
     * @param  string  $until  why there are no more packets; empty where there are as many as were wanted
     * @param  list<PortionDocument>  $portions
     * @param  list<FactDocument>  $facts  what is left, what is needed, what it costs
     * @param  string  $ground  what it rests on
     * @param  bool  $asks_share  whether the keeper is to say what share comes up, since nothing forecasts it
     * @param  string|null  $caution  what speaks against sowing this lot at all
     */
    public function __construct(
        #[OA\Property(ref: TagDocument::class)]
        public TagDocument $tag,
        #[OA\Property]
        public string $id,
        #[OA\Property(items: new OA\Items(ref: FieldDocument::class))]
        public array $fields,
        #[OA\Property(ref: OfferDocument::class, nullable: true)]
        public ?OfferDocument $make,
        #[OA\Property]
        public string $there,
        #[OA\Property]
        public bool $counted,
        #[OA\Property]
        public string $said,
        #[OA\Property]
        public string $until,
        #[OA\Property(items: new OA\Items(ref: PortionDocument::class))]
        public array $portions,
        #[OA\Property(items: new OA\Items(ref: FactDocument::class))]
        public array $facts,
        #[OA\Property]
        public string $ground,
        #[OA\Property]
        public bool $asks_share,
        #[OA\Property]
        public ?string $caution,
    ) {}
}
