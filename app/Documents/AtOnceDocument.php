<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What was done to many things at once, each by itself. */
#[OA\Schema]
final readonly class AtOnceDocument
{
    /**
     * @param  string  $title  what was done
     * @param  string  $said  to how many
     * @param  ?string  $takes_back  by which all of it is struck, or the striking of all of it taken back
     * @param  bool  $taken_back  whether all of it is struck
     * @param  list<JournalLineDocument>  $lines
     */
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $said,
        #[OA\Property]
        public ?string $takes_back,
        #[OA\Property]
        public bool $taken_back,
        #[OA\Property(items: new OA\Items(ref: JournalLineDocument::class))]
        public array $lines,
    ) {}
}
