<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Choice;

/** How fruit is opened for its seed. */
enum OpeningWay: string implements Choice
{
    case Cut = 'cut';
    case Scooped = 'scooped';
    case Squeezed = 'squeezed';
    case Blended = 'blended';
    case Shaken = 'shaken';

    public function label(): string
    {
        return match ($this) {
            self::Cut => 'cut open',
            self::Scooped => 'scooped out',
            self::Squeezed => 'squeezed out',
            self::Blended => 'blended with water, slowly',
            self::Shaken => 'opened dry and shaken out',
        };
    }
}
