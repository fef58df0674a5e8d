<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

use Marrow\Core\Fields\InvalidFigure;

/** Harrington's rule of thumb: life doubles for every 1 % less moisture (5 to 14 %) and for every 5 °C cooler (0 to 50 °C). */
final class ThumbRule
{
    /**
     * By what factor life changes.
     *
     * @param  float  $moistureChange  per cent points, drier is negative, −9 … 9
     * @param  float  $temperatureChange  °C, cooler is negative, −50 … 50
     *
     * @throws InvalidFigure
     */
    public static function factor(float $moistureChange, float $temperatureChange): float
    {
        InvalidFigure::unlessWithin('moisture_change', $moistureChange, -9.0, 9.0, '%');
        InvalidFigure::unlessWithin('temperature_change', $temperatureChange, -50.0, 50.0, '°C');

        return 2.0 ** (-$moistureChange - $temperatureChange / 5.0);
    }
}
