<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Stock;

use Marrow\Core\Fields\Choice;

/** What seed was taken out for. */
enum Purpose: string implements Choice
{
    case Sowing = 'sowing';
    case Gift = 'gift';
    case Swap = 'swap';
    case Eaten = 'eaten';
    case Lost = 'lost';
    case Discarded = 'discarded';

    public function label(): string
    {
        return match ($this) {
            self::Sowing => 'to sow',
            self::Gift => 'given away',
            self::Swap => 'swapped',
            self::Eaten => 'eaten',
            self::Lost => 'lost',
            self::Discarded => 'thrown out',
        };
    }
}
