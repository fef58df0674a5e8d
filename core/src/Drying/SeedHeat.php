<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

/**
 * How warm seed itself may become as it dries: the damper it is, the less it bears. Above 18 % 32 °C, to 10 % 38 °C, drier 43 °C
 * (Harrington & Douglas 1970), and never more than its kind bears; of wet seed Marrow says 30 °C.
 */
final class SeedHeat
{
    private const WET = 30.0;

    /** @var list<array{float, float}> per cent of wet mass above which, and °C */
    private const MOST = [[18.0, self::WET], [10.0, 38.0], [0.0, 43.0]];

    /**
     * @param  float  $crop  °C that its kind bears
     * @param  ?float  $moisture  per cent of wet mass; null where it is not known
     * @param  bool  $isWet  whether it was in water, or came out of wet fruit, within the last days
     * @return float °C
     */
    public static function most(float $crop, ?float $moisture, bool $isWet): float
    {
        if ($moisture === null) {
            return min($crop, $isWet ? self::WET : self::MOST[1][1]);
        }
        foreach (self::MOST as [$above, $most]) {
            if ($moisture > $above) {
                return min($crop, $most);
            }
        }

        return min($crop, self::MOST[2][1]);
    }
}
