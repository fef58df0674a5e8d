<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** Whose pollen the seed usually has, and what carries it. */
enum BreedingSystem: string
{
    case Selfing = 'selfing';
    case MostlySelfing = 'mostly_selfing';
    case InsectOutcrossing = 'insect_outcrossing';
    case WindOutcrossing = 'wind_outcrossing';
}
