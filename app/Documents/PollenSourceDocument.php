<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Season\PollenSource;
use OpenApi\Attributes as OA;

/** Something of somebody else's that flowers. */
#[OA\Schema]
final readonly class PollenSourceDocument
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $crop,
        #[OA\Property]
        public float $x,
        #[OA\Property]
        public float $y,
        #[OA\Property]
        public float $width,
        #[OA\Property]
        public float $depth,
        #[OA\Property]
        public int $plants,
        #[OA\Property]
        public ?string $first_bloom,
        #[OA\Property]
        public ?string $last_bloom,
    ) {}

    public static function of(PollenSource $source): self
    {
        return new self(
            $source->id,
            $source->name,
            $source->crop->key,
            $source->place->x,
            $source->place->y,
            $source->place->width,
            $source->place->depth,
            $source->plants,
            $source->bloom?->first->format('Y-m-d'),
            $source->bloom?->last->format('Y-m-d'),
        );
    }
}
