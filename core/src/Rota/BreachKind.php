<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

enum BreachKind: string
{
    case Area = 'area';
    case Hours = 'hours';
    case Cages = 'cages';
    case Crossing = 'crossing';
    case Forbidden = 'forbidden';
    case Overlap = 'overlap';
    case TooLate = 'too_late';
}
