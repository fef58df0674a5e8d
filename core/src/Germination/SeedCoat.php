<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

use Marrow\Core\Fields\Choice;

/** What was done to the coat of hard seed, so that it takes water. */
enum SeedCoat: string implements Choice
{
    case Nicked = 'nicked';
    case Filed = 'filed';
    case HotWater = 'hot_water';

    public function label(): string
    {
        return match ($this) {
            self::Nicked => 'nicked with a blade',
            self::Filed => 'filed or rubbed on sandpaper',
            self::HotWater => 'hot water poured over it',
        };
    }
}
