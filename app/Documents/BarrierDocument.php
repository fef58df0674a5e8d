<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Season\BarrierLine;
use OpenApi\Attributes as OA;

/** A hedge, wall or building as a line. */
#[OA\Schema]
final readonly class BarrierDocument
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(enum: ['hedge', 'building'])]
        public string $kind,
        #[OA\Property]
        public float $x1,
        #[OA\Property]
        public float $y1,
        #[OA\Property]
        public float $x2,
        #[OA\Property]
        public float $y2,
    ) {}

    public static function of(BarrierLine $barrier): self
    {
        return new self($barrier->id, $barrier->name, $barrier->kind->value, $barrier->x1, $barrier->y1, $barrier->x2, $barrier->y2);
    }
}
