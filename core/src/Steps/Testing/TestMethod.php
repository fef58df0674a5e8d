<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Testing;

use Marrow\Core\Fields\Choice;

/** How a germination test is laid out. */
enum TestMethod: string implements Choice
{
    case DampTowel = 'damp_towel';
    case RolledCloth = 'rolled_cloth';
    case Dish = 'dish';
    case Sand = 'sand';
    case FoldedPaper = 'folded_paper';
    case Modules = 'modules';

    public function label(): string
    {
        return match ($this) {
            self::DampTowel => 'damp towel',
            self::RolledCloth => 'rolled cloth',
            self::Dish => 'dish',
            self::Sand => 'tray of sand',
            self::FoldedPaper => 'bag with folded paper',
            self::Modules => 'tray of modules',
        };
    }

    /** Days after which it wants looking at, and wetting where it has dried, out of the sun at the warmth of a room. */
    public function wetEvery(): int
    {
        return match ($this) {
            self::DampTowel, self::RolledCloth, self::Modules => 1,
            self::FoldedPaper, self::Sand => 2,
            self::Dish => 3,
        };
    }
}
