<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Work\TaskKind;

/** What drying may want done. */
enum DryingTask: string implements TaskKind
{
    case SpreadWet = 'spread_wet';
    case SpreadDry = 'spread_dry';
    case SowFresh = 'sow_fresh';
    case Cure = 'cure';
    case Weigh = 'weigh';
    /** It has stopped above what a jar wants: this room makes it no drier. */
    case Stopped = 'stopped';
    case ReadJar = 'read_jar';
    case PutAway = 'put_away';
}
