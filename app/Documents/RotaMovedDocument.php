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
     * @param  ?string  $with_room  what it costs where the others make room, in words; null where nothing helps
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
        public ?string $with_room,
    ) {}
}
