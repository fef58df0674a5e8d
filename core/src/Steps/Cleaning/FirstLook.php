<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Choice;

/** What seed looks like as it comes out of the fruit. */
enum FirstLook: string implements Choice
{
    case Plump = 'plump';
    case Mixed = 'mixed';
    case Flat = 'flat';

    public function label(): string
    {
        return match ($this) {
            self::Plump => 'plump',
            self::Mixed => 'some plump, some flat',
            self::Flat => 'flat',
        };
    }
}
