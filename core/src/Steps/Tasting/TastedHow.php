<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tasting;

use Marrow\Core\Fields\Choice;

/** How what is tasted was made. */
enum TastedHow: string implements Choice
{
    case Raw = 'raw';
    case Cooked = 'cooked';

    public function label(): string
    {
        return $this->value;
    }
}
