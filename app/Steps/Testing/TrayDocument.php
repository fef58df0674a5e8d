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
    ) {}
}
