<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

/** Whether the seed may be closed in tight. */
enum DryingVerdict: string
{
    /** Not on the racks yet. */
    case NotSpread = 'not_spread';

    /** Too moist for a jar, or still losing weight. */
    case Drying = 'drying';

    /** Its weight has stopped falling, but nothing says how moist that is. */
    case Steady = 'steady';

    /** Its weight has stopped falling above what a jar wants. */
    case Stopped = 'stopped';

    /** As dry as a hand can tell: probably dry enough for paper, and not known to be for a jar. */
    case ByHand = 'by_hand';

    /** At or below the crop's moisture for a jar. */
    case DryEnough = 'dry_enough';

    /** Off the racks again: what it came to there is told by its moisture, if that is known. */
    case Left = 'left';

    /** A kind that dies when it dries. */
    case MustNotDry = 'must_not_dry';
}
