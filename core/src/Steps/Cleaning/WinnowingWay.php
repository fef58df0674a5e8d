<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Choice;

/** How chaff is parted from seed. */
enum WinnowingWay: string implements Choice
{
    case Screens = 'screens';
    case Wind = 'wind';
    case Fan = 'fan';
    case Breath = 'breath';
    case Board = 'board';
    case Paper = 'paper';
    case Hand = 'hand';

    public function label(): string
    {
        return match ($this) {
            self::Screens => 'over screens',
            self::Wind => 'poured in the wind',
            self::Fan => 'before a fan',
            self::Breath => 'by breath',
            self::Board => 'down a tilted board',
            self::Paper => 'on creased paper',
            self::Hand => 'picked over by hand',
        };
    }
}
