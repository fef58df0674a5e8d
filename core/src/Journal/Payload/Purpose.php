<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

/** What seed was taken out for. */
enum Purpose: string
{
    case Sowing = 'sowing';
    case Gift = 'gift';
    case Swap = 'swap';
    case Eaten = 'eaten';
    case Lost = 'lost';
    case Discarded = 'discarded';
}
