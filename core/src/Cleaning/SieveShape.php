<?php

declare(strict_types=1);

namespace Marrow\Core\Cleaning;

/** By what a hole sorts. */
enum SieveShape: string
{
    case Round = 'round';
    case Slot = 'slot';
    case Woven = 'woven';
}
