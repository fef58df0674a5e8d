<?php

declare(strict_types=1);

namespace App\Steps\Packets;

use App\Documents\OfferDocument;
use OpenApi\Attributes as OA;

/** Seed of a lot for the sowing of one year. */
#[OA\Schema]
final readonly class PacketDocument
{
    /**
     * @param  string  $id  of its container
     * @param  string  $code  that stands on it
     * @param  string  $said  what is in it, and for what
     * @param  string  $path  where it is, from the place inwards
     * @param  bool  $empty  whether it was used up
     * @param  string  $alive  how much of it lives when it is to be sown, by the forecast; empty where there is none
     * @param  string  $remark  what is to be done about it; empty where nothing is
     * @param  ?int  $seeds  that are in it
     * @param  list<OfferDocument>  $offers  what can be done with this one alone
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public int $year,
        #[OA\Property]
        public ?int $plants,
        #[OA\Property]
        public ?int $seeds,
        #[OA\Property]
        public string $said,
        #[OA\Property]
        public string $path,
        #[OA\Property]
        public bool $empty,
        #[OA\Property]
        public string $alive,
        #[OA\Property]
        public string $remark,
        #[OA\Property(items: new OA\Items(ref: OfferDocument::class))]
        public array $offers,
    ) {}
}
