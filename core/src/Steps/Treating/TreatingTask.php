<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Treating;

use Marrow\Core\Work\TaskKind;

/** What a treatment may want done. */
enum TreatingTask: string implements TaskKind
{
    case DryBathed = 'dry_bathed';
}
