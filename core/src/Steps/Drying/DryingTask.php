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
    case TryByHand = 'try_by_hand';
    case ReadCard = 'read_card';
    /** As dry as a hand can tell: into paper, or a jar for a day. */
    case DryByHand = 'dry_by_hand';
    /** The air of its place, as it was measured, makes it no drier than that. */
    case TooDampHere = 'too_damp_here';
    /** It has stopped above what a jar wants: this room makes it no drier. */
    case Stopped = 'stopped';
    case ReadJar = 'read_jar';
    case PutAway = 'put_away';
}
