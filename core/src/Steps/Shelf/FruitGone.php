<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Shelf;

use Marrow\Core\Fields\Choice;

/** Why a fruit is on the shelf no more, unopened. */
enum FruitGone: string implements Choice
{
    case Rotten = 'rotten';
    case Gnawed = 'gnawed';
    case Eaten = 'eaten';
    case Given = 'given';

    public function label(): string
    {
        return match ($this) {
            self::Rotten => 'rotten',
            self::Gnawed => 'gnawed hollow',
            self::Eaten => 'eaten, without its seed',
            self::Given => 'given away whole',
        };
    }

    /** Whether it did not keep. */
    public function isBadKeeper(): bool
    {
        return $this === self::Rotten;
    }
}
