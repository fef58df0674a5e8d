<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

/** In what a test was laid otherwise than its crop wants: what did not come up in it may have come as it wants it. */
enum LaidOtherwise: string
{
    case Colder = 'colder';
    case Warmer = 'warmer';
    case InTheLight = 'in_the_light';
    case InTheDark = 'in_the_dark';

    /** It wants damp cold first, and nobody said that it had any. */
    case NotChilled = 'not_chilled';
}
