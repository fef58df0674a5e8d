<?php

declare(strict_types=1);

namespace App\Steps\Packets;

use App\Documents\FactDocument;
use App\Sheet\SectionDocument;
use OpenApi\Attributes as OA;

/** What of a lot is put by: a packet for each year's sowing, and a reserve. */
#[OA\Schema]
final readonly class PacketsDocument implements SectionDocument
{
    /**
     * @param  list<FactDocument>  $facts
     * @param  list<PacketDocument>  $packets  in the order of their years
     */
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property(items: new OA\Items(ref: FactDocument::class))]
        public array $facts,
        #[OA\Property(items: new OA\Items(ref: PacketDocument::class))]
        public array $packets,
        #[OA\Property(enum: ['packets'])]
        public string $section = 'packets',
        #[OA\Property(enum: ['store'])]
        public string $belongs = 'store',
    ) {}
}
