<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** How sure it is that seed of a line comes true. */
enum LineCertainty: string
{
    case True = 'true';
    case Unsure = 'unsure';
    case Crossed = 'crossed';
    case Mixing = 'mixing';
}
