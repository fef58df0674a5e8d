<?php

declare(strict_types=1);

namespace Marrow\Core\Year;

use Marrow\Core\Fields\Choice;

/** How often frost comes to a garden: where it does not each winter, nothing is sown or ended by it. */
enum FrostComes: string implements Choice
{
    case Yearly = 'yearly';
    case Rarely = 'rarely';
    case Never = 'never';

    public function label(): string
    {
        return match ($this) {
            self::Yearly => 'every winter',
            self::Rarely => 'in few winters',
            self::Never => 'never',
        };
    }
}
