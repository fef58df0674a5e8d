<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What an instrument told just now for a field. */
#[OA\Schema]
final readonly class ReadDocument
{
    /**
     * @param  ?string  $value  as it is typed in the keeper's units; null where nothing is to be filled in
     * @param  string  $said  by what it was read, or why it was not
     */
    public function __construct(
        #[OA\Property]
        public ?string $value,
        #[OA\Property]
        public string $said,
    ) {}
}
