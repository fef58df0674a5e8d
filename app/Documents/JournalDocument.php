<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A page of the journal, newest first. */
#[OA\Schema]
final readonly class JournalDocument
{
    /**
     * @param  list<JournalLineDocument>  $lines
     * @param  string|null  $older  the mark to ask for what comes after these with; null where there is nothing older
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: JournalLineDocument::class))]
        public array $lines,
        #[OA\Property]
        public ?string $older,
    ) {}
}
