<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

use Marrow\Core\Fields\Choice;

/** What gel that changes its colour shows. Its colours differ by the salt in it; where they turn, hardly: at some 20 to 40 % RH. */
enum DesiccantColour: string implements Choice
{
    case Dry = 'dry';
    case Turning = 'turning';
    case Spent = 'spent';

    public function label(): string
    {
        return match ($this) {
            self::Dry => 'all in its dry colour',
            self::Turning => 'turning, or mixed',
            self::Spent => 'all in its damp colour',
        };
    }

    /** The middle of the air it is in balance with, share of RH. */
    public function rh(): float
    {
        return match ($this) {
            self::Dry => 0.10,
            self::Turning => 0.30,
            self::Spent => 0.60,
        };
    }
}
