<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Stock;

use Marrow\Core\Fields\Choice;

/** How seed was lost. */
enum LossCause: string implements Choice
{
    case Sprouted = 'sprouted';
    case Rotten = 'rotten';
    case Eaten = 'eaten';
    case Spilt = 'spilt';
    case ThrownOut = 'thrown_out';

    public function label(): string
    {
        return match ($this) {
            self::Sprouted => 'it sprouted',
            self::Rotten => 'it went mouldy or rotten',
            self::Eaten => 'mice, birds or insects had it',
            self::Spilt => 'it was spilt or mislaid',
            self::ThrownOut => 'it was thrown out',
        };
    }
}
