<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Ripening;

use Marrow\Core\Fields\Choice;

/** How near seed is to being picked. */
enum Readiness: string implements Choice
{
    case NotYet = 'not_yet';
    case Nearly = 'nearly';
    case Ready = 'ready';

    public function label(): string
    {
        return match ($this) {
            self::NotYet => 'not yet',
            self::Nearly => 'nearly ripe',
            self::Ready => 'ready to pick',
        };
    }
}
