<?php

declare(strict_types=1);

namespace Marrow\Core\Isolation;

use Marrow\Core\Botany\Crop;

/** Whether pollen of one crop can set seed on another: the species decides, with the known exceptions of each crop. */
final class Compatibility
{
    /** Of the full strength within a species, where two species cross now and then. A stated assumption. */
    public const NOW_AND_THEN = 0.05;

    /** Strength of crossing, 0 for never to 1 for as within one species; the stronger of what the two crops say. */
    public static function between(Crop $a, Crop $b): float
    {
        if ($a->species() === $b->species()) {
            return 1.0;
        }

        return max(self::said($a, $b->species()), self::said($b, $a->species()));
    }

    private static function said(Crop $crop, string $species): float
    {
        foreach ($crop->partners as $partner) {
            if ($partner->latin === $species) {
                return $partner->freely ? 1.0 : self::NOW_AND_THEN;
            }
        }

        return 0.0;
    }
}
