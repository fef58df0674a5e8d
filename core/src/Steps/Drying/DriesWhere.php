<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Fields\Choice;

/** Under a roof or not. */
enum DriesWhere: string implements Choice
{
    case Indoors = 'indoors';
    case Shade = 'shade';
    case Sun = 'sun';

    public function label(): string
    {
        return match ($this) {
            self::Indoors => 'indoors',
            self::Shade => 'out of doors, in the shade',
            self::Sun => 'out of doors, in the sun',
        };
    }

    public function isOut(): bool
    {
        return $this !== self::Indoors;
    }
}
