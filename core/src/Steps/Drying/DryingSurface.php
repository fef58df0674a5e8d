<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Fields\Choice;

/** What seed is spread on. */
enum DryingSurface: string implements Choice
{
    case Mesh = 'mesh';
    case Screen = 'screen';
    case Plate = 'plate';
    case CoffeeFilter = 'coffee_filter';
    case Paper = 'paper';
    case Newspaper = 'newspaper';
    case KitchenPaper = 'kitchen_paper';
    case Cloth = 'cloth';
    case Tray = 'tray';
    case HungBag = 'hung_bag';

    public function label(): string
    {
        return match ($this) {
            self::Mesh => 'on mesh',
            self::Screen => 'on a framed screen',
            self::Plate => 'on a plate',
            self::CoffeeFilter => 'on a coffee filter',
            self::Paper => 'on paper',
            self::Newspaper => 'on newspaper',
            self::KitchenPaper => 'on kitchen paper',
            self::Cloth => 'on a cloth',
            self::Tray => 'on a tray',
            self::HungBag => 'hung in a bag',
        };
    }

    /** Whether wet seed sticks to it, so that it is sown or stored with bits of it. */
    public function sticks(): bool
    {
        return $this === self::KitchenPaper;
    }
}
