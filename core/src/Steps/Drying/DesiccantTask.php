<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Work\TaskKind;

/** What seed in a jar with a desiccant may want done. */
enum DesiccantTask: string implements TaskKind
{
    /** It has taken most of what it will, and that is not enough. */
    case Change = 'change_desiccant';

    /** By now it should be dry enough, or is to be looked at. */
    case LookIn = 'look_into_jar';
}
