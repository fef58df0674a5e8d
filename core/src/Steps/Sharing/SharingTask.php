<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Sharing;

use Marrow\Core\Work\TaskKind;

/** What seed that was given away may want done. */
enum SharingTask: string implements TaskKind
{
    case CallBack = 'call_back';
}
