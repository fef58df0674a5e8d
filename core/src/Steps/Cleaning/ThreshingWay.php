<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Choice;

/** How seed is beaten or rubbed out of what holds it. */
enum ThreshingWay: string implements Choice
{
    case Hands = 'hands';
    case Feet = 'feet';
    case Sack = 'sack';
    case Flail = 'flail';
    case Board = 'board';
    case Mill = 'mill';
    case Shaken = 'shaken';

    public function label(): string
    {
        return match ($this) {
            self::Hands => 'rubbed by hand',
            self::Feet => 'trodden',
            self::Sack => 'beaten in a sack',
            self::Flail => 'with a flail',
            self::Board => 'rubbed on a board or sieve',
            self::Shaken => 'shaken out',
            self::Mill => 'with a mill, set wide',
        };
    }
}
