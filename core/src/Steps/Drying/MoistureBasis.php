<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

/** How we know how moist the seed is. */
enum MoistureBasis: string
{
    case StartingMoisture = 'starting_moisture';
    case JarRh = 'jar_rh';
}
