<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What the pickings since it came here have left of what a line had. */
#[OA\Schema]
final readonly class DiversityDocument
{
    /**
     * @param  string  $said  with how sure it is
     * @param  string  $costliest  the picking that cost the most; empty where none did
     * @param  string  $helps  what would bring some of it back, or lose no more
     * @param  ?TagDocument  $mix  a lot that would widen it
     */
    public function __construct(
        #[OA\Property]
        public string $said,
        #[OA\Property]
        public string $costliest,
        #[OA\Property]
        public string $helps,
        #[OA\Property(ref: TagDocument::class, nullable: true)]
        public ?TagDocument $mix,
    ) {}
}
