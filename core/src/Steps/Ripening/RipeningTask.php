<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Ripening;

use Marrow\Core\Work\TaskKind;

/** What ripening seed may want. */
enum RipeningTask: string implements TaskKind
{
    case LookAgain = 'look_at_ripeness';
    case PickReady = 'pick_ready';
    case Guard = 'guard_heads';
}
