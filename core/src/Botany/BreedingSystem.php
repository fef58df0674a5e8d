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

    /** Whether insects carry most of the pollen that comes from elsewhere. */
    public function isByInsects(): bool
    {
        return $this !== self::WindOutcrossing;
    }

    /** Whether a plant shut away from visitors sets little seed unless somebody pollinates it. */
    public function needsVisitors(): bool
    {
        return $this === self::InsectOutcrossing || $this === self::WindOutcrossing;
    }
}
