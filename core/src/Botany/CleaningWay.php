<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** How the seed is got out of what holds it. */
enum CleaningWay: string
{
    /** Seed in a gel that a short ferment frees: tomato, cucumber. */
    case Ferment = 'ferment';

    /** Wet seed that is rinsed or soaked overnight at most: squash, pepper. */
    case Rinse = 'rinse';

    /** Dry heads, pods and umbels: threshed and winnowed. */
    case Thresh = 'thresh';
}
