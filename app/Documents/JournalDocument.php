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
     * @param  list<string>  $keepers  who has recorded anything
     * @param  list<KeyedDocument>  $kinds  what can have been recorded
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: JournalLineDocument::class))]
        public array $lines,
        #[OA\Property]
        public ?string $older,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $keepers,
        #[OA\Property(items: new OA\Items(ref: KeyedDocument::class))]
        public array $kinds,
    ) {}
}
