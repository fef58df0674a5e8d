<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** What comes of a cross between species, where it is not fertile. */
enum Offspring: string
{
    case Partly = 'partly';
    case Sterile = 'sterile';
}
