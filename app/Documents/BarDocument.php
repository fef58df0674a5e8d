<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A thing as a line on the scale of its place: what is sure of it, what may be, and where it is now or wanted. */
#[OA\Schema]
final readonly class BarDocument
{
    /**
     * All on the scale of the axis.
     *
     * @param  float  $from  where it begins
     * @param  ?float  $near  as far as it is sure, or has come; null where nothing is sure
     * @param  float  $to  as far as it may go, or is to come
     * @param  string  $said  the same in words
     */
    public function __construct(
        #[OA\Property]
        public float $from,
        #[OA\Property]
        public ?float $near,
        #[OA\Property]
        public float $to,
        #[OA\Property]
        public string $said,
    ) {}
}
