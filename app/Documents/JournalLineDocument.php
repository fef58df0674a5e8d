<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A journal entry with what it is about. */
#[OA\Schema]
final readonly class JournalLineDocument
{
    /**
     * @param  ?TagDocument  $tag  of the lot or planting; null of a place or a container
     * @param  string  $of  id of the place or container
     * @param  string  $name  what that is called
     */
    public function __construct(
        #[OA\Property(ref: TagDocument::class, nullable: true)]
        public ?TagDocument $tag,
        #[OA\Property]
        public string $of,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public EntryDocument $entry,
    ) {}
}
