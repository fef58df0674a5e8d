<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Place;
use App\Voice\Quantity;
use App\Voice\Speaking;
use Marrow\Core\Fields\Field;
use Marrow\Core\Things\GardenFields;
use OpenApi\Attributes as OA;

/** A place where seed is kept. */
#[OA\Schema(schema: 'PlaceToKeepDocument')]
final readonly class PlaceToKeepDocument
{
    /**
     * @param  string  $said  its name and its air, as it is chosen from
     * @param  object  $typed  by field, as it would be typed again
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $said,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))]
        public object $typed,
    ) {}

    public static function of(Place $place): self
    {
        $fields = GardenFields::place();
        $typed = ['name' => $place->name, ...$place->air()];
        foreach ($typed as $key => $value) {
            $now = Speaking::forms()->units->typed($fields->field($key), $value);
            $typed[$key] = is_float($now) ? Field::show($now) : $now;
        }

        return new self($place->id, $place->name, match ($place->air_known) {
            Place::NOTHING_KNOWN => "$place->name, air not measured",
            Place::TEMPERATURE_KNOWN => sprintf('%s, %s', $place->name, Quantity::temperature($place->temperature_c)),
            default => sprintf("%s, %s, %s\u{00A0}%% RH", $place->name, Quantity::temperature($place->temperature_c), round($place->rh)),
        }, (object) $typed);
    }
}
