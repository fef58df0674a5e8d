<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Season\Bed;
use OpenApi\Attributes as OA;

/** A bed of the garden. */
#[OA\Schema]
final readonly class BedDocument
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $x,
        #[OA\Property]
        public float $y,
        #[OA\Property]
        public float $width,
        #[OA\Property]
        public float $depth,
    ) {}

    public static function of(Bed $bed): self
    {
        return new self($bed->id, $bed->name, $bed->place->x, $bed->place->y, $bed->place->width, $bed->place->depth);
    }
}
