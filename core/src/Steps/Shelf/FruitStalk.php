<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Shelf;

use Marrow\Core\Fields\Choice;

/** What was left of the stalk of a fruit that is to lie. */
enum FruitStalk: string implements Choice
{
    case On = 'on';
    case Close = 'close';
    case Off = 'off';

    public function label(): string
    {
        return match ($this) {
            self::On => 'stalk left on',
            self::Close => 'stalk cut close',
            self::Off => 'stalk broken off',
        };
    }
}
