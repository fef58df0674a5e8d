<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What a line was understood to say. */
#[OA\Schema]
final readonly class LineReadDocument
{
    /**
     * @param  list<LineDraftDocument>  $drafts
     * @param  list<string>  $left_over  words that were not understood
     * @param  list<string>  $doubts  of what it speaks and there is not
     * @param  list<CompletionDocument>  $completions  what may follow
     * @param  list<LineDraftDocument>  $notes  the line as a note, where not all of it was understood
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: LineDraftDocument::class))]
        public array $drafts,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $left_over,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $doubts,
        #[OA\Property(items: new OA\Items(ref: CompletionDocument::class))]
        public array $completions,
        #[OA\Property(items: new OA\Items(ref: LineDraftDocument::class))]
        public array $notes,
    ) {}
}
