<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Needs that do not go together, and what could be given up. */
#[OA\Schema]
final readonly class RotaCollisionDocument
{
    /**
     * @param  list<string>  $lines  ids
     * @param  list<RotaWayDocument>  $ways  the cheapest first
     */
    public function __construct(
        #[OA\Property]
        public string $kind,
        #[OA\Property(nullable: true)]
        public ?int $year,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $lines,
        #[OA\Property]
        public string $says,
        #[OA\Property(items: new OA\Items(ref: RotaWayDocument::class))]
        public array $ways,
    ) {}
}
