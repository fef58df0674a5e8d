<?php

declare(strict_types=1);

namespace Marrow\Core\Folding;

use Marrow\Core\Work\TaskKind;

/** What the journal itself may want: that entries which do not fit together be settled. */
enum Settle: string implements TaskKind
{
    case Settle = 'settle';
}
