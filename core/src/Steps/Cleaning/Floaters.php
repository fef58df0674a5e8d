<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Choice;

/** What was done with seed that floated. */
enum Floaters: string implements Choice
{
    case ThrownOut = 'thrown_out';
    case Kept = 'kept';
    case Apart = 'apart';
    case None = 'none';

    public function label(): string
    {
        return match ($this) {
            self::ThrownOut => 'floating seed thrown out',
            self::Kept => 'floating seed kept with the rest',
            self::Apart => 'floating seed kept apart',
            self::None => 'no seed floated',
        };
    }
}
