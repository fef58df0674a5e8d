<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

/** What tells how moist seed is, the surest first. */
enum Witness: string
{
    /** By weight, from a moisture that was known. */
    case Weight = 'weight';

    /** A hygrometer in a closed jar. */
    case Jar = 'jar';

    /** A card with spots in a closed jar. */
    case Card = 'card';

    /** A hygrometer in a jar that was not half full, not shut for a day or not evenly warm. */
    case RoughJar = 'rough_jar';

    /** What the hand tried. */
    case Signs = 'signs';

    /** The air it lies in, and how long it has. */
    case Air = 'air';

    /** Whether nothing was read or weighed. */
    public function isGuess(): bool
    {
        return $this === self::Signs || $this === self::Air;
    }
}
