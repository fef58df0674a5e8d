<?php

declare(strict_types=1);

namespace App\Steps\Testing;

use OpenApi\Attributes as OA;

/** A lot that wants a test, and what it would cost. */
#[OA\Schema]
final readonly class WantsTestDocument
{
    /** @param  string  $costs  seeds of those there are */
    public function __construct(
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $variety,
        #[OA\Property]
        public string $when,
        #[OA\Property]
        public string $costs,
    ) {}
}
