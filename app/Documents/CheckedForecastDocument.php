<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What was forecast of a lot for the day of a test, and what the test found. */
#[OA\Schema]
final readonly class CheckedForecastDocument
{
    /**
     * @param  float  $share  the likeliest that was forecast
     * @param  float  $low  of what such a test would find in nine cases of ten
     * @param  float  $found  share that came up
     * @param  float  $found_low  of what the real share likely was
     * @param  bool  $held  whether it found something in that range
     */
    public function __construct(
        #[OA\Property]
        public TagDocument $tag,
        #[OA\Property]
        public string $tested_on,
        #[OA\Property]
        public float $share,
        #[OA\Property]
        public float $low,
        #[OA\Property]
        public float $high,
        #[OA\Property]
        public float $found,
        #[OA\Property]
        public float $found_low,
        #[OA\Property]
        public float $found_high,
        #[OA\Property]
        public bool $held,
        #[OA\Property]
        public string $sentence,
    ) {}
}
