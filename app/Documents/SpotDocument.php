<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Season\Rectangle;
use OpenApi\Attributes as OA;

/** A rectangle of ground in metres, from the upper left corner of the plan. */
#[OA\Schema]
final readonly class SpotDocument
{
    public function __construct(
        #[OA\Property]
        public float $x,
        #[OA\Property]
        public float $y,
        #[OA\Property]
        public float $width,
        #[OA\Property]
        public float $depth,
    ) {}

    public static function of(Rectangle $place): self
    {
        return new self($place->x, $place->y, $place->width, $place->depth);
    }
}
