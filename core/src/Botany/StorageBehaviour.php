<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** Whether the seed bears drying; what is no seed at all, a tuber, is kept alive. */
enum StorageBehaviour: string
{
    case Orthodox = 'orthodox';
    case Intermediate = 'intermediate';
    case Recalcitrant = 'recalcitrant';
    case Living = 'living';
}
