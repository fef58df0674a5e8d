<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Fields\Choice;

/** What seed is spread on. */
enum DryingSurface: string implements Choice
{
    case Mesh = 'mesh';
    case Plate = 'plate';
    case CoffeeFilter = 'coffee_filter';
    case Paper = 'paper';
    case Tray = 'tray';
    case HungBag = 'hung_bag';

    public function label(): string
    {
        return match ($this) {
            self::Mesh => 'on mesh',
            self::Plate => 'on a plate',
            self::CoffeeFilter => 'on a coffee filter',
            self::Paper => 'on paper',
            self::Tray => 'on a tray',
            self::HungBag => 'hung in a bag',
        };
    }
}
