<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

use Marrow\Core\Fields\Choice;

/** When a seed is counted as up. */
enum CountsAsUp: string implements Choice
{
    case Root = 'root';
    case Seedling = 'seedling';
    case Emerged = 'emerged';

    public function label(): string
    {
        return match ($this) {
            self::Root => 'a root is seen',
            self::Seedling => 'root and shoot are whole and sound',
            self::Emerged => 'it stands above the soil',
        };
    }
}
