<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** In which of two roles a crop crosses with another species, where only one is meant. */
enum CrossWay: string
{
    case AsMother = 'as_mother';
    case AsFather = 'as_father';
}
