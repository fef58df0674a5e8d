<?php

declare(strict_types=1);

namespace App\Instruments\StandIns;

/** Chance that is the same each time it is asked for the same: by a seed number, what it decides, and when. */
final class Dice
{
    /** @return float 0 … 1 */
    public static function thrown(int $seed, string $of, string $when): float
    {
        // A checksum would throw alike for what is called alike.
        return (float) hexdec(substr(hash('sha256', "$seed $of $when"), 0, 8)) / 0xFFFFFFFF;
    }
}
