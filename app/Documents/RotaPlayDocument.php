<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** The rota played many times over. */
#[OA\Schema]
final readonly class RotaPlayDocument
{
    /**
     * @param  int  $plays
     * @param  int  $years  ahead
     * @param  list<RotaPlayedDocument>  $lines  the weakest first
     * @param  float  $lost  lines that are lost in the mean, with the rota
     * @param  float  $lost_without  the same without it
     * @param  list<RotaHelpDocument>  $help  changes that save most, the best first
     */
    public function __construct(
        #[OA\Property]
        public int $plays,
        #[OA\Property]
        public int $years,
        #[OA\Property(items: new OA\Items(ref: RotaPlayedDocument::class))]
        public array $lines,
        #[OA\Property]
        public float $lost,
        #[OA\Property]
        public float $lost_without,
        #[OA\Property(items: new OA\Items(ref: RotaHelpDocument::class))]
        public array $help,
    ) {}
}
