<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Fields\Choice;
use Marrow\Core\Isolation\Protection;
use Marrow\Core\Steps\Tending\CoverKind;

/** What is done to keep foreign pollen from a planting, or its own pollen in. */
enum Cover: string implements Choice
{
    case Open = 'open';

    /** A net or cage all through bloom, pollinated by hand or by insects kept in it. */
    case Caged = 'caged';

    /** Cages of two or more varieties, opened in turn: bees visit, and never two varieties on one day. */
    case Alternate = 'alternate';

    /** Single flowers or heads closed before they open, pollinated by hand; the other flowers stay open. */
    case Bagged = 'bagged';

    /** A tent or sleeve of pollen-tight cloth over all of it through bloom: against pollen that the wind carries. */
    case Cloth = 'cloth';

    /** A glasshouse, a frame or a window sill, shut or screened all through bloom, where pots stand; pollinated by hand. */
    case Glass = 'glass';

    /** Whether pollen from elsewhere is kept out altogether. */
    public function keepsOut(Crop $crop): bool
    {
        return $this !== self::Alternate && $this->protection()->keepsOut($crop);
    }

    /** Whether its own pollen is kept in. */
    public function keepsIn(Crop $crop): bool
    {
        return $this !== self::Alternate && $this->protection()->keepsIn($crop);
    }

    /** Whether what it is made of stops what carries the crop's pollen, as long as it is shut. */
    public function stops(Crop $crop): bool
    {
        return $this->protection()->keepsOut($crop);
    }

    /** What the journal calls it, once it is on; null where nothing is put on. */
    public function asDone(Crop $crop): ?CoverKind
    {
        return match ($this) {
            self::Open => null,
            self::Caged, self::Alternate => CoverKind::Cage,
            self::Bagged => $crop->isWindBorne() ? CoverKind::TightBags : CoverKind::Bags,
            self::Cloth => CoverKind::Cloth,
            self::Glass => CoverKind::Glass,
        };
    }

    private function protection(): Protection
    {
        return match ($this) {
            self::Open => Protection::Open,
            self::Caged, self::Alternate, self::Glass => Protection::Caged,
            self::Bagged => Protection::Bagged,
            self::Cloth => Protection::Cloth,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Open => 'nothing but distance',
            self::Caged => 'a cage all through bloom',
            self::Alternate => 'cages opened in turn',
            self::Bagged => 'bags on the flowers',
            self::Cloth => 'pollen-tight cloth over all of it',
            self::Glass => 'glass or a room, shut while it blooms',
        };
    }
}
