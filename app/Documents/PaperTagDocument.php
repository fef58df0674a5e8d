<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A tag on paper: for a container, what is in it, a rack, a dish or a bed. */
#[OA\Schema]
final readonly class PaperTagDocument
{
    /**
     * @param  string  $key  that no other tag has
     * @param  string  $mark  what its square mark holds
     * @param  string  $code  by which it is called, and typed where it cannot be read
     * @param  string  $headline  what this very tag is for: the year of a packet, the day of a test; empty of a lot's own
     * @param  string|null  $warning  what must be read before the seed is touched
     * @param  list<FactDocument>  $lines
     */
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property(enum: ['outside', 'inside', 'packet', 'rack', 'dish', 'bed', 'fruit'])]
        public string $sort,
        #[OA\Property]
        public string $mark,
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $crop,
        #[OA\Property]
        public string $latin,
        #[OA\Property]
        public string $variety,
        #[OA\Property]
        public ?int $year,
        #[OA\Property(ref: SeedLookDocument::class, nullable: true)]
        public ?SeedLookDocument $seed,
        #[OA\Property]
        public string $headline,
        #[OA\Property]
        public ?string $warning,
        #[OA\Property(items: new OA\Items(ref: FactDocument::class))]
        public array $lines,
    ) {}
}
