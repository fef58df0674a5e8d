<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A link in the drawing of a family, from what was there before to what came of it. */
#[OA\Schema]
final readonly class FamilyLinkDocument
{
    /** @param  ?int  $plants  that gave seed or pollen over it; null where nobody knows, or it is of none */
    public function __construct(
        #[OA\Property]
        public string $from,
        #[OA\Property]
        public string $to,
        #[OA\Property(enum: ['came', 'sown', 'seed', 'pollen', 'part', 'given'])]
        public string $role,
        #[OA\Property]
        public ?int $plants,
    ) {}
}
