<?php

declare(strict_types=1);

namespace App\Steps\Testing;

use OpenApi\Attributes as OA;

/** A running test as its dishes. */
#[OA\Schema]
final readonly class TrayDocument
{
    /**
     * @param  string  $group  which of the lot it is of; may be empty
     * @param  list<DishDocument>  $dishes  those that tell
     * @param  string  $next  when it is looked at next
     * @param  list<int>  $days  on which it was counted
     * @param  list<float>  $shares  that were up by each of them
     * @param  list<float>  $usual  share up by each day from 0 on, of fresh sound seed of the crop
     */
    public function __construct(
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $variety,
        #[OA\Property]
        public string $group,
        #[OA\Property(items: new OA\Items(ref: DishDocument::class))]
        public array $dishes,
        #[OA\Property]
        public string $said,
        #[OA\Property]
        public string $next,
        #[OA\Property(items: new OA\Items(type: 'integer'))]
        public array $days,
        #[OA\Property(items: new OA\Items(type: 'number'))]
        public array $shares,
        #[OA\Property(items: new OA\Items(type: 'number'))]
        public array $usual,
    ) {}
}
