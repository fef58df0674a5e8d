<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What somebody may be let in as. */
#[OA\Schema]
final readonly class RoleDocument
{
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $label,
    ) {}
}
