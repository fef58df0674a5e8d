<?php

declare(strict_types=1);

namespace Marrow\Core\Isolation;

use Marrow\Core\Fields\Choice;

/** Where pollinators fly all year and far, the usual distances are too short. */
enum Climate: string implements Choice
{
    case Temperate = 'temperate';
    case Tropical = 'tropical';

    /** By how much distances are stretched. Twofold in the tropics: a stated assumption, about the middle of advice given. */
    public function stretch(): float
    {
        return $this === self::Tropical ? 2.0 : 1.0;
    }

    public function label(): string
    {
        return match ($this) {
            self::Temperate => 'temperate',
            self::Tropical => 'tropical',
        };
    }
}
