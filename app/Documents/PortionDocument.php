<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A packet that could be made of a lot. */
#[OA\Schema]
final readonly class PortionDocument
{
    /** @param  string  $alive  how much of it lives when it is to be sown */
    public function __construct(
        #[OA\Property]
        public int $year,
        #[OA\Property]
        public int $seeds,
        #[OA\Property]
        public int $plants,
        #[OA\Property]
        public string $said,
        #[OA\Property]
        public string $alive,
    ) {}
}
