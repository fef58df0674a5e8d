<?php

declare(strict_types=1);

namespace App\Steps\Testing;

use OpenApi\Attributes as OA;

/** One dish of a test: each of its seeds is one of these. */
#[OA\Schema]
final readonly class DishDocument
{
    /**
     * @param  int  $dead  abnormal or rotten
     * @param  int  $open  neither up nor known to be dead
     */
    public function __construct(
        #[OA\Property]
        public int $up,
        #[OA\Property]
        public int $dead,
        #[OA\Property]
        public int $open,
    ) {}
}
