<?php

declare(strict_types=1);

namespace App\Steps\Testing;

use OpenApi\Attributes as OA;

/** One count of a test. */
#[OA\Schema]
final readonly class CountDocument
{
    /**
     * @param  list<int>  $up  new in each dish
     * @param  list<int>  $dead  abnormal or rotten in each dish, new
     */
    public function __construct(
        #[OA\Property]
        public int $day,
        #[OA\Property]
        public int $new,
        #[OA\Property]
        public int $total,
        #[OA\Property]
        public int $abnormal,
        #[OA\Property(items: new OA\Items(type: 'integer'))]
        public array $up,
        #[OA\Property(items: new OA\Items(type: 'integer'))]
        public array $dead,
    ) {}
}
