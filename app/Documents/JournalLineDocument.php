<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A journal entry with what it is about. */
#[OA\Schema]
final readonly class JournalLineDocument
{
    public function __construct(
        #[OA\Property]
        public TagDocument $tag,
        #[OA\Property]
        public EntryDocument $entry,
    ) {}
}
