<?php

declare(strict_types=1);

namespace App\Reckoners\Pictures;

use OpenApi\Attributes as OA;

/** A share with the range in which the real one lies, on a scale with the marks that matter. */
#[OA\Schema(schema: 'RangeDocument')]
final readonly class Range
{
    /** @param  list<float>  $marks  shares that stand on the scale beside its ends */
    public function __construct(
        #[OA\Property]
        public float $figure,
        #[OA\Property]
        public float $low,
        #[OA\Property]
        public float $high,
        #[OA\Property(items: new OA\Items(type: 'number'))]
        public array $marks,
        #[OA\Property]
        public float $from = 0.0,
        #[OA\Property]
        public float $to = 1.0,
    ) {}
}
