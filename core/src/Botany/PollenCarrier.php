<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** What brings foreign pollen to the flowers. */
enum PollenCarrier: string
{
    case Bees = 'bees';
    case Flies = 'flies';
    case Moths = 'moths';
    case Wind = 'wind';
}
