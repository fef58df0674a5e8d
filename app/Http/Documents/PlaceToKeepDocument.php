<?php

declare(strict_types=1);

namespace App\Http\Documents;

use App\Models\Place;
use App\Voice\Quantity;
use OpenApi\Attributes as OA;

/** A place where seed is kept. */
#[OA\Schema(schema: 'PlaceToKeepDocument')]
final readonly class PlaceToKeepDocument
{
    /**
     * @param  float  $temperature  °C
     * @param  float  $rh  per cent
     * @param  string  $said  its name and its air, as it is chosen from
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $temperature,
        #[OA\Property]
        public float $rh,
        #[OA\Property]
        public string $said,
    ) {}

    public static function of(Place $place): self
    {
        return new self($place->id, $place->name, $place->temperature_c, $place->rh, sprintf("%s, %s, %s\u{00A0}%% RH", $place->name, Quantity::temperature($place->temperature_c), round($place->rh)));
    }
}
