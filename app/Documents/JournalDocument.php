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
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: JournalLineDocument::class))]
        public array $lines,
        #[OA\Property]
        public int $total,
        #[OA\Property]
        public int $page,
        #[OA\Property]
        public int $pages,
    ) {}
}
