<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A lot on the list of what may be swapped, or beside it. */
#[OA\Schema]
final readonly class SwapLineDocument
{
    /**
     * @param  string  $spare  what may be given of it, beyond the packets and the reserve
     * @param  string  $germination  by its last test
     * @param  string  $until  how far it is to be counted on
     * @param  string  $said  what whoever takes it must know; of a lot that is kept back, why it is
     */
    public function __construct(
        #[OA\Property(ref: TagDocument::class)]
        public TagDocument $tag,
        #[OA\Property]
        public string $spare,
        #[OA\Property]
        public string $germination,
        #[OA\Property]
        public string $until,
        #[OA\Property]
        public string $said,
    ) {}
}
