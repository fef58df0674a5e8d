<?php

declare(strict_types=1);

namespace App\Simulation\Year;

use App\Simulation\Dice;

/** What sort of keeper plays. */
enum Keeper: string
{
    /** Does all that is due, on its day. */
    case Diligent = 'diligent';

    /** A week behind. */
    case Late = 'late';

    /** Does half of it, and puts off some of the rest. */
    case Careless = 'careless';

    /** What this one does about what has been due for so many days: do, leave or put_off. */
    public function about(int $days, Dice $dice): string
    {
        return match ($this) {
            self::Diligent => 'do',
            self::Late => $days < 7 ? 'leave' : 'do',
            self::Careless => match (true) {
                $dice->share() < 0.5 => 'do',
                $dice->share() < 0.2 => 'put_off',
                default => 'leave',
            },
        };
    }
}
