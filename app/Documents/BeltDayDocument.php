<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** One day of the belt. */
#[OA\Schema]
final readonly class BeltDayDocument
{
    /**
     * @param  int  $count  tasks that fall due
     * @param  list<string>  $marks  the first few, in words
     */
    public function __construct(
        #[OA\Property]
        public string $date,
        #[OA\Property]
        public int $count,
        #[OA\Property]
        public bool $alarm,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $marks,
    ) {}
}
