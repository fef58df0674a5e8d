<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A span of a crop's year, in months since the January before it is sown. */
#[OA\Schema]
final readonly class YearSpanDocument
{
    public function __construct(
        #[OA\Property(enum: ['sow', 'bloom', 'ripe'])]
        public string $what,
        #[OA\Property(description: 'which of the crop\'s sowings, from 0')]
        public int $sowing,
        #[OA\Property]
        public float $from,
        #[OA\Property]
        public float $to,
        #[OA\Property]
        public string $said,
    ) {}
}
