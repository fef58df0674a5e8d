<?php

declare(strict_types=1);

namespace Marrow\Core\Isolation;

/** Where pollinators fly all year and far, the usual distances are too short. */
enum Climate: string
{
    case Temperate = 'temperate';
    case Tropical = 'tropical';

    /** By how much distances are stretched. Twofold in the tropics: a stated assumption, about the middle of advice given. */
    public function stretch(): float
    {
        return $this === self::Tropical ? 2.0 : 1.0;
    }
}
