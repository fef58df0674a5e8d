<?php

declare(strict_types=1);

namespace Marrow\Core\Isolation;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Fields\Choice;

/**
 * What keeps foreign pollen from the flowers themselves. What carries it decides: the holes of insect mesh and the pores of
 * fleece are twenty times as wide as a grain of pollen, so that they stop bees and not the wind (FAO and AOSCA rules of seed
 * production isolate beet, spinach, rye and maize by distance or by pollen-tight bags, never by mesh).
 */
enum Protection: string implements Choice
{
    case Open = 'open';

    /** Insect mesh, gauze or fleece, all through bloom, with hand pollination or own pollinators where the crop needs them. */
    case Caged = 'caged';

    /** Single flowers or heads closed before they open, and pollinated by hand where they need it; against the wind in pollen-tight bags. */
    case Bagged = 'bagged';

    /** A tent or sleeve of closely woven cloth over the whole planting, which neither insects nor pollen get through. */
    case Cloth = 'cloth';

    /** Share of the foreign pollen that still gets to the flowers, 0 … 1. */
    public function lets(Crop $crop): float
    {
        return match ($this) {
            self::Open => 1.0,
            self::Caged => $crop->isWindBorne() ? 1.0 : 0.0,
            self::Bagged, self::Cloth => 0.0,
        };
    }

    public function keepsOut(Crop $crop): bool
    {
        return $this->lets($crop) <= 0.0;
    }

    /** Whether it keeps the planting's own pollen in as well; between bags other flowers stay open. */
    public function keepsIn(Crop $crop): bool
    {
        return $this !== self::Bagged && $this->keepsOut($crop);
    }

    public function label(): string
    {
        return match ($this) {
            self::Open => 'nothing',
            self::Caged => 'a cage of insect mesh',
            self::Bagged => 'bags on the flowers, pollen-tight where the wind carries',
            self::Cloth => 'pollen-tight cloth over all of it',
        };
    }
}
