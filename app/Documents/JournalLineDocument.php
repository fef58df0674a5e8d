<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A journal entry with what it is about. */
#[OA\Schema]
final readonly class JournalLineDocument
{
    /**
     * @param  string  $about  thing: a lot or a planting; holder: a place or a container; intake: many lots that came in as one
     * @param  ?TagDocument  $tag  of the lot or planting
     * @param  string  $of  id of the place, the container or the intake
     * @param  string  $name  what that is called
     */
    public function __construct(
        #[OA\Property(enum: ['thing', 'holder', 'intake'])]
        public string $about,
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
