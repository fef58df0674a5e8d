<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

/** What seed is spread on. */
enum DryingSurface: string
{
    case Mesh = 'mesh';
    case Plate = 'plate';
    case CoffeeFilter = 'coffee_filter';
    case Paper = 'paper';
    case Tray = 'tray';
    case HungBag = 'hung_bag';
}
