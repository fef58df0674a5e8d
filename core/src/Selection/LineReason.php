<?php

declare(strict_types=1);

namespace Marrow\Core\Selection;

/** One thing on record, or missing from it, on which it rests how true a line is. */
enum LineReason: string
{
    case Made = 'made';
    case Crossing = 'crossing';
    case CrossOnPurpose = 'cross_on_purpose';
    case CameFromElsewhere = 'came_from_elsewhere';
    case Mixed = 'mixed';
    case Parents = 'parents';
    case ParentsLookedOver = 'parents_looked_over';
    case ParentsNotKnown = 'parents_not_known';
    case TakenOut = 'taken_out';
    case ByHand = 'by_hand';
    case KeptApart = 'kept_apart';

    /** Another variety that crosses with it bloomed in the garden meanwhile, and nobody looked how far away. */
    case OwnBeside = 'own_beside';
    case Selfs = 'selfs';
    case IsolationNotKnown = 'isolation_not_known';
    /** Another lot of the same bloom turned out crossed: the same pollen was on this one. */
    case SisterCrossed = 'sister_crossed';
    case GrownOut = 'grown_out';
    case NotGrownOut = 'not_grown_out';
}
