<?php

declare(strict_types=1);

namespace App\Steps\Storing;

use App\Words\DampWords;
use Marrow\Core\Drying\ShutIn;
use OpenApi\Attributes as OA;

/** How damp the air is that the seed is shut in, on the ladder by which everything goes. */
#[OA\Schema]
final readonly class ShutInDocument
{
    /**
     * @param  float  $rh  share, at its warmth; in a freezer as it would be in a room
     * @param  string  $damp  the rung it stands on
     * @param  string  $says  what comes of it
     */
    private function __construct(
        #[OA\Property]
        public float $rh,
        #[OA\Property(enum: ['dry', 'ages', 'moulds', 'rots', 'freezes'])]
        public string $damp,
        #[OA\Property]
        public string $says,
    ) {}

    public static function of(ShutIn $inside): self
    {
        return new self($inside->rh, $inside->damp->value, DampWords::becomes($inside->damp, $inside->isCool));
    }
}
