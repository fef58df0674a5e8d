<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cellar;

use Marrow\Core\Work\TaskKind;

/** What is kept alive in store may want done. */
enum CellarTask: string implements TaskKind
{
    case LookOver = 'look_over_kept';
}
