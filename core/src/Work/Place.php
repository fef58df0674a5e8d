<?php

declare(strict_types=1);

namespace Marrow\Core\Work;

/** Where in the garden and shed a thing is, or a task has to be done. */
enum Place: string
{
    case Plot = 'plot';
    case Bench = 'bench';
    case Racks = 'racks';
    case Trays = 'trays';
    case Store = 'store';
}
