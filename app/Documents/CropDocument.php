<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A crop of the reference, as a keeper needs it. */
#[OA\Schema]
final readonly class CropDocument
{
    /**
     * @param  list<string>  $cautions
     */
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $latin,
        #[OA\Property]
        public string $family,
        #[OA\Property]
        public string $life_cycle,
        #[OA\Property]
        public string $breeding,
        #[OA\Property(enum: ['ferment', 'rinse', 'thresh'])]
        public string $cleaning,
        #[OA\Property]
        public string $cleaning_note,
        #[OA\Property]
        public string $ripe_cue,
        #[OA\Property]
        public float $ordinary_years,
        #[OA\Property]
        public float $oil,
        #[OA\Property]
        public ?float $jar_moisture,
        #[OA\Property]
        public string $dryness_sign,
        #[OA\Property]
        public float $tsm_low,
        #[OA\Property]
        public float $tsm_high,
        #[OA\Property]
        public float $test_temperature_low,
        #[OA\Property]
        public float $test_temperature_high,
        #[OA\Property]
        public int $first_count,
        #[OA\Property]
        public int $last_count,
        #[OA\Property]
        public float $minimum,
        #[OA\Property]
        public string $test_note,
        #[OA\Property(enum: ['published', 'ordinary_years', 'given', 'none'])]
        public string $constants,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $cautions,
    ) {}
}
