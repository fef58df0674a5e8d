<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Choosing;

use Marrow\Core\Work\TaskKind;

/** What choosing among plants may want done. */
enum ChoosingTask: string implements TaskKind
{
    case PullStruckOut = 'pull_struck_out';
}
