<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Shelf;

use Marrow\Core\Work\TaskKind;

/** What fruit on the shelf may want. */
enum ShelfTask: string implements TaskKind
{
    case LookOver = 'look_over_fruit';
    case Open = 'open_fruit';
    case TakeOut = 'take_out_seed';
}
