<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** One way of telling it. */
#[OA\Schema]
final readonly class WayDocument
{
    /** @param  list<string>  $inputs  keys that belong to it */
    public function __construct(
        #[OA\Property]
        public string $label,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $inputs,
    ) {}
}
