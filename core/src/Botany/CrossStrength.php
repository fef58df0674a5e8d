<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

use Marrow\Core\Fields\Choice;

/** How readily two species cross. */
enum CrossStrength: string implements Choice
{
    case Freely = 'freely';
    case Rarely = 'rarely';

    /** In a breeder's hands, not in a garden. */
    case ByHand = 'by_hand';

    /** Of the full strength within a species, 0 … 1; a twentieth where they cross now and then: a stated assumption. */
    public function share(): float
    {
        return match ($this) {
            self::Freely => 1.0,
            self::Rarely => 0.05,
            self::ByHand => 0.0,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Freely => 'freely',
            self::Rarely => 'now and then',
            self::ByHand => 'by hand only',
        };
    }
}
