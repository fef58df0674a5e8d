<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What was kept, said back. */
#[OA\Schema]
final readonly class SavedDocument
{
    /**
     * @param  string  $entry  id, to take it back
     */
    public function __construct(
        #[OA\Property]
        public string $entry,
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $said,
    ) {}
}
