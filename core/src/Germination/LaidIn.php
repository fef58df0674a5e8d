<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

use Marrow\Core\Fields\Choice;

/** Whether a test stands in the light or in the dark. */
enum LaidIn: string implements Choice
{
    case Light = 'light';
    case Dark = 'dark';

    public function label(): string
    {
        return match ($this) {
            self::Light => 'in the light',
            self::Dark => 'in the dark',
        };
    }
}
