<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Photographs of one plant of a row. */
#[OA\Schema]
final readonly class PhotographedDocument
{
    /** @param  list<string>  $ids  the oldest first */
    public function __construct(
        #[OA\Property]
        public int $plant,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $ids,
    ) {}
}
