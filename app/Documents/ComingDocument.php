<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A line in the book of who came and went. */
#[OA\Schema]
final readonly class ComingDocument
{
    /**
     * @param  string  $at  in words
     * @param  string  $said  who did what
     * @param  string  $address  from where
     */
    public function __construct(
        #[OA\Property]
        public string $at,
        #[OA\Property]
        public string $said,
        #[OA\Property]
        public string $address,
    ) {}
}
