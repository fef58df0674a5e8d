<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What was read off a tag. */
#[OA\Schema]
final readonly class TagReadDocument
{
    /**
     * @param  string  $status  here: it is of this garden; elsewhere: of another; unknown: of nothing that this garden knows; unreadable: no mark and no code
     * @param  string  $said  what was read, or why nothing was
     * @param  ?string  $id  of the lot or planting
     * @param  ?string  $container  id of the packet
     * @param  string  $code  of the lot or planting
     */
    public function __construct(
        #[OA\Property(enum: ['here', 'elsewhere', 'unknown', 'unreadable'])]
        public string $status,
        #[OA\Property]
        public string $said,
        #[OA\Property(ref: TagDocument::class, nullable: true)]
        public ?TagDocument $tag = null,
        #[OA\Property]
        public ?string $id = null,
        #[OA\Property]
        public ?string $container = null,
        #[OA\Property]
        public string $code = '',
    ) {}
}
