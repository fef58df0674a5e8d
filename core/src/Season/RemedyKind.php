<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** What can be done about crossing. */
enum RemedyKind: string
{
    case Shift = 'shift';
    case Move = 'move';
    case CutFlowers = 'cut_flowers';
    case Bag = 'bag';
    case Alternate = 'alternate';
    case Cage = 'cage';
    case Cloth = 'cloth';
    case LeaveOut = 'leave_out';
}
