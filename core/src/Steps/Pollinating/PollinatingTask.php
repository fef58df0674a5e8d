<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Pollinating;

use Marrow\Core\Work\TaskKind;

/** What pollinating by hand wants done: in the evening, in the morning, and some days after. */
enum PollinatingTask: string implements TaskKind
{
    case Shut = 'shut_flowers';
    case Pollinate = 'pollinate';
    case LookAtSet = 'look_at_set';
}
