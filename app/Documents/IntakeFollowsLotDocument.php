<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A lot that something follows for. */
#[OA\Schema]
final readonly class IntakeFollowsLotDocument
{
    public function __construct(
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $why,
    ) {}
}
