<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Growing;

use Marrow\Core\Work\TaskKind;

/** What a planting may want done. */
enum GrowingTask: string implements TaskKind
{
    case Pick = 'pick';

    /** What is kept alive is lifted, or taken from the plant. */
    case Lift = 'lift_kept';
}
