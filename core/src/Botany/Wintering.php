<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** How a plant comes through the winter before its seed. */
enum Wintering: string
{
    case Ground = 'ground';
    case Covered = 'covered';
    case Lifted = 'lifted';
}
