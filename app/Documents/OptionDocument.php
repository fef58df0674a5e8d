<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** One thing that may be chosen. */
#[OA\Schema]
final readonly class OptionDocument
{
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $label,
    ) {}
}
