<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

use Marrow\Core\Fields\Choice;

/** Why a plant was pulled. */
enum RogueReason: string implements Choice
{
    case OffType = 'off_type';
    case Sick = 'sick';
    case TooEarly = 'too_early';
    case TooLate = 'too_late';
    case Weak = 'weak';

    public function label(): string
    {
        return match ($this) {
            self::OffType => 'off-type',
            self::Sick => 'sick',
            self::TooEarly => 'too early',
            self::TooLate => 'too late',
            self::Weak => 'weak',
        };
    }
}
