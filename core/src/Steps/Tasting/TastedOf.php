<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tasting;

use Marrow\Core\Fields\Choice;

/** What the plates of a tasting are of. */
enum TastedOf: string implements Choice
{
    case Plant = 'plant';
    case Fruit = 'fruit';

    public function label(): string
    {
        return match ($this) {
            self::Plant => 'plants of the row',
            self::Fruit => 'fruit from the shelf',
        };
    }
}
