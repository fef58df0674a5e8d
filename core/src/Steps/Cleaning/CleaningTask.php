<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Work\TaskKind;

/** What cleaning may want done. */
enum CleaningTask: string implements TaskKind
{
    case StartFerment = 'start_ferment';
    case Wash = 'wash';
    case Thresh = 'thresh';
    case Turn = 'turn';
    case PourOff = 'pour_off';
    case Stir = 'stir';
    case LiftOut = 'lift_out';
    case Rinse = 'rinse';
    case Winnow = 'winnow';
}
