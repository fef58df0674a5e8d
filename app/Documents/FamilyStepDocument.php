<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A lot in the family of another. */
#[OA\Schema]
final readonly class FamilyStepDocument
{
    /**
     * @param  string  $filial  its generation after a cross, F3; empty of what is of none
     * @param  int  $generation  how often it was grown out here since it came from elsewhere
     * @param  string  $said  how it came to be: "grown from 24 plants of L3, which gave seed in 2025"
     */
    public function __construct(
        #[OA\Property(ref: TagDocument::class)]
        public TagDocument $tag,
        #[OA\Property]
        public string $filial,
        #[OA\Property]
        public int $generation,
        #[OA\Property]
        public string $said,
    ) {}
}
