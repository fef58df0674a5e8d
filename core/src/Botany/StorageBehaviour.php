<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** Whether the seed bears drying. */
enum StorageBehaviour: string
{
    case Orthodox = 'orthodox';
    case Intermediate = 'intermediate';
    case Recalcitrant = 'recalcitrant';
}
