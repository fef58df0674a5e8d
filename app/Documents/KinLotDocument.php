<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** How two lots are related, and what a mixture of them would be. */
#[OA\Schema]
final readonly class KinLotDocument
{
    /**
     * @param  float  $kinship  chance that a gene of a plant of each are copies of one, 0 … 1
     * @param  string  $said  in words
     * @param  list<string>  $mixed  what to know before they are poured together
     */
    public function __construct(
        #[OA\Property]
        public float $kinship,
        #[OA\Property]
        public string $said,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $mixed,
    ) {}
}
