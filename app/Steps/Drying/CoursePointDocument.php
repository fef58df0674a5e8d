<?php

declare(strict_types=1);

namespace App\Steps\Drying;

use OpenApi\Attributes as OA;

/** How moist seed may be at an hour to come, or was by the air it lay in. */
#[OA\Schema]
final readonly class CoursePointDocument
{
    /**
     * @param  float  $hours  since it was spread
     * @param  float  $low  per cent of wet mass, at best
     * @param  float  $moisture  likeliest
     * @param  float  $high  at worst
     */
    public function __construct(
        #[OA\Property]
        public float $hours,
        #[OA\Property]
        public float $low,
        #[OA\Property]
        public float $moisture,
        #[OA\Property]
        public float $high,
    ) {}
}
