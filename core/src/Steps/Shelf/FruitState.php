<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Shelf;

use Marrow\Core\Fields\Choice;

/** How a fruit that lies on the shelf is found, and for how long it can lie on like that. */
enum FruitState: string implements Choice
{
    case Sound = 'sound';
    case StalkOff = 'stalk_off';
    case Cracked = 'cracked';
    case Soft = 'soft';
    case Leaking = 'leaking';

    public function label(): string
    {
        return match ($this) {
            self::Sound => 'sound',
            self::StalkOff => 'stalk fallen off',
            self::Cracked => 'cracked',
            self::Soft => 'a soft spot',
            self::Leaking => 'leaking',
        };
    }

    /**
     * Days after which it is opened at the latest; null where nothing presses. Assumptions, on the careful side: rot enters where the stalk sat within
     * weeks, through a crack or a bruise within days, and what leaks is rotting.
     */
    public function lastsDays(): ?int
    {
        return match ($this) {
            self::Sound => null,
            self::StalkOff => 14,
            self::Cracked => 4,
            self::Soft => 2,
            self::Leaking => 0,
        };
    }
}
