<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A packet of a lot, as it is chosen when the lot is sown. */
#[OA\Schema]
final readonly class ChosenPacketDocument
{
    /** @param  string  $id  of its container */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $said,
        #[OA\Property]
        public ?int $seeds,
    ) {}
}
