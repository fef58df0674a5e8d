<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** Where a sowing is begun. */
enum SowingPlace: string
{
    case Glass = 'glass';
    case Open = 'open';
    case Either = 'either';
}
