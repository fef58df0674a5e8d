<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What begins with an entry: a lot of a planting, or a lot or a planting of a variety. */
#[OA\Schema]
final readonly class BeginsDocument
{
    /**
     * @param  ?string  $planting  id of the planting that a lot is picked from
     * @param  ?string  $lot  id of the lot that a lot is set apart from
     * @param  ?string  $variety  id, of what begins out of nothing
     * @param  string  $spot  where a planting stands
     */
    public function __construct(
        #[OA\Property]
        public ?string $planting = null,
        #[OA\Property]
        public ?string $variety = null,
        #[OA\Property]
        public string $spot = '',
        #[OA\Property]
        public ?string $lot = null,
    ) {}
}
