<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Journal\Subject;
use OpenApi\Attributes as OA;

/** A journal entry with what it is about. */
#[OA\Schema]
final readonly class JournalLineDocument
{
    /**
     * @param  ?string  $subject  what it is about: a lot, a planting …; null where it is of none, but of many lots that came in as one, or of the books
     * @param  string  $of  the id of that
     * @param  string  $name  its code, or what it is called
     * @param  ?TagDocument  $tag  of what has a tag
     * @param  ?string  $page  where it is looked at, where it is of no thing
     */
    public function __construct(
        #[OA\Property(enum: Subject::class)]
        public ?string $subject,
        #[OA\Property]
        public string $of,
        #[OA\Property]
        public string $name,
        #[OA\Property(ref: TagDocument::class, nullable: true)]
        public ?TagDocument $tag,
        #[OA\Property]
        public EntryDocument $entry,
        #[OA\Property]
        public ?string $page = null,
    ) {}
}
