<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Choosing;

use Marrow\Core\Fields\Choice;

/** Why a plant is to be no parent, whatever else it has. */
enum StruckOut: string implements Choice
{
    case Sick = 'sick';
    case OffType = 'off_type';
    case Weak = 'weak';
    case Rotten = 'rotten';
    case Pulled = 'pulled';

    public function label(): string
    {
        return match ($this) {
            self::Sick => 'sick',
            self::OffType => 'off-type',
            self::Weak => 'weak',
            self::Rotten => 'rotten in store',
            self::Pulled => 'gone or pulled',
        };
    }

    /** Whether it stands nowhere any more. */
    public function isGone(): bool
    {
        return $this === self::Pulled || $this === self::Rotten;
    }
}
