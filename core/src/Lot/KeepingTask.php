<?php

declare(strict_types=1);

namespace Marrow\Core\Lot;

use Marrow\Core\Work\TaskKind;

/** What keeping a lot over the years may want done. */
enum KeepingTask: string implements TaskKind
{
    case TestFirst = 'test_first';
    case TestAgain = 'test_again';
    case GrowOut = 'grow_out';
    case PlantAgain = 'plant_again';
}
