<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What a growing moved to another year costs. */
#[OA\Schema]
final readonly class RotaMovedDocument
{
    /**
     * @param  bool  $fits  whether it can be so with all else as it is
     * @param  ?float  $price  by how much it is dearer then; below 0 where it is cheaper
     * @param  string  $says  what it costs, in words
     * @param  list<RotaCollisionDocument>  $collisions
     * @param  ?float  $with_room  by how much it is dearer where the others make room; null where nothing helps
     */
    public function __construct(
        #[OA\Property]
        public bool $fits,
        #[OA\Property(nullable: true)]
        public ?float $price,
        #[OA\Property]
        public string $says,
        #[OA\Property(items: new OA\Items(ref: RotaCollisionDocument::class))]
        public array $collisions,
        #[OA\Property(nullable: true)]
        public ?float $with_room,
    ) {}
}
