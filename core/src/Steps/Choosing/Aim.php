<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Choosing;

use Marrow\Core\Fields\Choice;

/** What a variety is grown on for. */
enum Aim: string implements Choice
{
    case Keep = 'keep';
    case Improve = 'improve';
    case Mix = 'mix';

    public function label(): string
    {
        return match ($this) {
            self::Keep => 'kept as it is',
            self::Improve => 'improved',
            self::Mix => 'let mix',
        };
    }
}
