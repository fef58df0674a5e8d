<?php

declare(strict_types=1);

namespace Marrow\Core\Isolation;

/** What keeps foreign pollen from the flowers themselves. */
enum Protection: string
{
    case Open = 'open';

    /** Under a net or cage, with hand pollination or own pollinators where the crop needs them. */
    case Caged = 'caged';

    /** Single flowers or heads closed before they open, and pollinated by hand where they need it. */
    case Bagged = 'bagged';
}
