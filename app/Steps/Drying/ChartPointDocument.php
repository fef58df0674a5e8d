<?php

declare(strict_types=1);

namespace App\Steps\Drying;

use OpenApi\Attributes as OA;

/** What seed weighed or held at an hour, and within what. */
#[OA\Schema]
final readonly class ChartPointDocument
{
    /**
     * @param  float  $hours  since it was spread; before that below 0
     * @param  ?float  $value  null where only the limits are known
     * @param  string  $says  the point in words
     */
    public function __construct(
        #[OA\Property]
        public float $hours,
        #[OA\Property]
        public ?float $value,
        #[OA\Property]
        public float $low,
        #[OA\Property]
        public float $high,
        #[OA\Property]
        public string $says = '',
    ) {}
}
