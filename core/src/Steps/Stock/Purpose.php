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
    case Spoilt = 'spoilt';
    case Lost = 'lost';
    case Discarded = 'discarded';

    public function label(): string
    {
        return match ($this) {
            self::Sowing => 'to sow',
            self::Gift => 'given away',
            self::Swap => 'swapped',
            self::Eaten => 'eaten',
            self::Spoilt => 'spoilt',
            self::Lost => 'lost',
            self::Discarded => 'thrown out',
        };
    }

    /** Whether the keeper chose to let it go, so that a reserve has a say; what is lost is lost. */
    public function isChosen(): bool
    {
        return match ($this) {
            self::Sowing, self::Gift, self::Swap, self::Eaten => true,
            self::Spoilt, self::Lost, self::Discarded => false,
        };
    }

    /** Whether somebody else has it now. */
    public function isPassedOn(): bool
    {
        return $this === self::Gift || $this === self::Swap;
    }
}
