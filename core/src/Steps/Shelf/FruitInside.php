<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Shelf;

use Marrow\Core\Fields\Choice;

/** What the seed of a fruit looks like as it is opened. */
enum FruitInside: string implements Choice
{
    case Plump = 'plump';
    case Flat = 'flat';
    case Sprouted = 'sprouted';
    case None = 'none';

    public function label(): string
    {
        return match ($this) {
            self::Plump => 'plump seed',
            self::Flat => 'flat, empty seed',
            self::Sprouted => 'seed sprouting inside',
            self::None => 'no seed in it',
        };
    }
}
