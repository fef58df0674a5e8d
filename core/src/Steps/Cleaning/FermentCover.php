<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Choice;

/** What keeps flies out of a ferment. Never an airtight lid: it makes gas. */
enum FermentCover: string implements Choice
{
    case Cloth = 'cloth';
    case Open = 'open';
    case LooseLid = 'loose_lid';

    public function label(): string
    {
        return match ($this) {
            self::Cloth => 'under a cloth',
            self::Open => 'open',
            self::LooseLid => 'under a loose lid',
        };
    }
}
