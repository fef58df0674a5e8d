<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

use Marrow\Core\Drying\Balance;
use Marrow\Core\Drying\Equilibrium;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\Normal;

/** What a hygrometer that reads a little wrong makes of the pace of ageing: moisture is read from it, and life goes by its power. */
final class HygrometerError
{
    private const ROOM = 20.0;

    /**
     * Of the logarithm of the pace, one standard deviation; 0 where the equation says nothing of so dry or damp a seed.
     *
     * @param  float  $moisture  per cent of wet mass, as it was read
     * @param  float  $error  per cent RH either way, within which nine readings in ten lie
     */
    public static function spread(ViabilityConstants $constants, Balance $balance, float $moisture, float $error): float
    {
        if ($error <= 0.0) {
            return 0.0;
        }
        try {
            $rh = $balance->seedRh($moisture, self::ROOM);
            [$dry, $damp] = [max(Equilibrium::MIN_RH, $rh - $error / 100.0), min(Equilibrium::MAX_RH, $rh + $error / 100.0)];

            return $constants->cw * log($balance->moisture($damp, self::ROOM) / $balance->moisture($dry, self::ROOM)) / 2.0 / Normal::probit(0.95);
        } catch (InvalidFigure) {
            return 0.0;
        }
    }
}
