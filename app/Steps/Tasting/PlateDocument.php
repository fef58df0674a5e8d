<?php

declare(strict_types=1);

namespace App\Steps\Tasting;

use OpenApi\Attributes as OA;

/** A plate of a tasting. */
#[OA\Schema]
final readonly class PlateDocument
{
    /**
     * @param  int  $number  that stands on it
     * @param  ?int  $sample  number of the plant or fruit that it is of; null until it is unblinded
     * @param  ?float  $mean  mean of its marks; null until it is unblinded, or while nobody has scored it
     */
    public function __construct(
        #[OA\Property]
        public int $number,
        #[OA\Property]
        public ?int $sample,
        #[OA\Property]
        public ?float $mean,
    ) {}
}
