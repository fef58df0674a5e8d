<?php

declare(strict_types=1);

namespace Marrow\Core\Isolation;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CrossWay;

/** Whether pollen of one crop can set seed on another: the species decides, with the known exceptions of each crop. */
final class Compatibility
{
    /** Strength of crossing, 0 for never to 1 for as within one species; the stronger of the two directions. */
    public static function between(Crop $a, Crop $b): float
    {
        return max(self::onto($a, $b), self::onto($b, $a));
    }

    /**
     * How strongly one crop's seed is set by another's pollen, 0 … 1: what either says of the pair in that direction, and
     * where both speak of it, the stronger.
     */
    public static function onto(Crop $mother, Crop $father): float
    {
        if ($mother->species() === $father->species()) {
            return 1.0;
        }

        return max(self::said($mother, $father, CrossWay::AsMother), self::said($father, $mother, CrossWay::AsFather));
    }

    /** Of what a crop says of another, that which is meant for it in this role. */
    private static function said(Crop $crop, Crop $other, CrossWay $role): float
    {
        foreach ($crop->partners as $partner) {
            if ($partner->latin === $other->species() && ($partner->only === null || $partner->only === $role)) {
                return $partner->how->share();
            }
        }

        return 0.0;
    }
}
