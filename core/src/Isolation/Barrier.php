<?php

declare(strict_types=1);

namespace Marrow\Core\Isolation;

use Marrow\Core\Fields\Choice;

/** What stands between two plantings. */
enum Barrier: string implements Choice
{
    case None = 'none';
    case Hedge = 'hedge';
    case Building = 'building';

    /** Share of the pollen that still gets past. */
    public function passes(float $behindBarrier = CrossShare::BEHIND_BARRIER): float
    {
        return $this === self::None ? 1.0 : $behindBarrier;
    }

    /** A hedge, a building or a tall crop about halves the distance that is asked for: the common rule. */
    public function distanceFactor(): float
    {
        return $this === self::None ? 1.0 : 0.5;
    }

    public function label(): string
    {
        return match ($this) {
            self::None => 'nothing',
            self::Hedge => 'a hedge',
            self::Building => 'a building',
        };
    }
}
