<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

/** How far the cleaning of a lot has come. */
enum CleaningStage: string
{
    case Uncleaned = 'uncleaned';
    case Fermenting = 'fermenting';
    case Soaking = 'soaking';
    case Settling = 'settling';
    case PouredOff = 'poured_off';
    case Threshed = 'threshed';
    case Clean = 'clean';
}
