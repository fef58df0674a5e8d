<?php

declare(strict_types=1);

namespace App\Http;

use App\Rota\LineWish;
use App\Rota\RotaWish;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Season\PlanFields;
use Marrow\Core\Things\GardenFields;
use Marrow\Core\Things\InstrumentFields;
use Marrow\Core\Things\Registered;

/** What a person can be asked for, by the name of the form. */
final class Forms
{
    public static function named(string $name): ?FieldList
    {
        return match ($name) {
            'variety' => GardenFields::variety(),
            'place' => GardenFields::place(),
            'container' => GardenFields::container(),
            'instrument' => InstrumentFields::all(),
            'crop' => GardenFields::crop(),
            'spot' => GardenFields::spot(),
            'plan.ground' => PlanFields::ground(),
            'plan.isolation' => PlanFields::isolation(),
            'plan.bed' => PlanFields::bed(),
            'plan.barrier' => PlanFields::barrier(),
            'plan.source' => PlanFields::source(),
            'plan.planting' => PlanFields::planting(),
            'plan.spot' => PlanFields::spot(),
            'rota.line' => LineWish::fields(),
            'rota.year' => RotaWish::year(),
            // Every kind of entry is a form of its own.
            default => Registered::kinds()->named($name)?->fields,
        };
    }
}
