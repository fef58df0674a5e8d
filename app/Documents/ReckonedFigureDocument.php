<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** One figure of a result. */
#[OA\Schema]
final readonly class ReckonedFigureDocument
{
    /**
     * @param  string  $said  with its unit
     */
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $said,
    ) {}
}
