<?php

declare(strict_types=1);

namespace App\Http\Documents;

use OpenApi\Attributes as OA;

/** How the drying goes. */
#[OA\Schema]
final readonly class DryingDocument
{
    /**
     * @param  list<WeighingDocument>  $weighings
     */
    public function __construct(
        #[OA\Property(enum: ['not_spread', 'drying', 'steady', 'dry_enough', 'must_not_dry'])]
        public string $verdict,
        #[OA\Property]
        public string $sentence,
        #[OA\Property]
        public string $ground,
        #[OA\Property]
        public ?float $moisture,
        #[OA\Property]
        public ?float $jar_moisture,
        #[OA\Property]
        public ?float $target_grams,
        #[OA\Property(items: new OA\Items(ref: WeighingDocument::class))]
        public array $weighings,
    ) {}
}
