<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** What is allowed in a plan but worth saying. */
enum PlanRemarkKind: string
{
    case BedsOverlap = 'beds_overlap';
    case SpotsOverlap = 'spots_overlap';
    case DoNotFit = 'do_not_fit';
    case CannotRipen = 'cannot_ripen';
    /** Much of its seed ripens only after frost. */
    case RipensLate = 'ripens_late';
    case OutBeforeFrost = 'out_before_frost';
    case TooFewParents = 'too_few_parents';

    /** It stands alone, and sets nothing without the pollen of another plant. */
    case WantsAnother = 'wants_another';

    /** It is not sure to bloom here: its winter may be too warm, or no day as it wants it. */
    case MayNotBloom = 'may_not_bloom';

    /** What covers it lets through what carries its pollen. */
    case LetsThrough = 'lets_through';

    /** Its flowers are to be bagged, and set next to nothing there. */
    case SetsNothing = 'sets_nothing';

    /** Its cage is opened in turn, and no other has the other days. */
    case NoTurns = 'no_turns';
}
