<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Something in a plan that is allowed but worth saying. */
#[OA\Schema]
final readonly class PlanRemarkDocument
{
    /** @param  string|null  $planting  id of the planned planting it concerns */
    public function __construct(
        #[OA\Property]
        public ?string $planting,
        #[OA\Property]
        public string $sentence,
    ) {}
}
