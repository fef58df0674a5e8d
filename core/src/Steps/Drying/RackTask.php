<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Work\TaskKind;

/** What seed that lies to dry may want of a hand. */
enum RackTask: string implements TaskKind
{
    /** It lies out of doors, and dew falls. */
    case TakeIn = 'take_in';

    /** Wet seed is turned and parted, every few hours at first. */
    case Turn = 'turn_wet';
}
