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
     * @param  ?float  $moisture  per cent to begin with; null where it is not said
     * @param  ?float  $temperature  °C to begin with; null where it is not said
     *
     * @throws InvalidFigure also where it would begin or end outside what the rule holds for
     */
    public static function factor(float $moistureChange, float $temperatureChange, ?float $moisture = null, ?float $temperature = null): float
    {
        foreach ($moisture === null ? [] : [$moisture, $moisture + $moistureChange] as $at) {
            InvalidFigure::unlessWithin('moisture', $at, 5.0, 14.0, '%');
        }
        foreach ($temperature === null ? [] : [$temperature, $temperature + $temperatureChange] as $at) {
            InvalidFigure::unlessWithin('temperature', $at, 0.0, 50.0, '°C');
        }
        InvalidFigure::unlessWithin('moisture_change', $moistureChange, -9.0, 9.0, '%');
        InvalidFigure::unlessWithin('temperature_change', $temperatureChange, -50.0, 50.0, '°C');

        return 2.0 ** (-$moistureChange - $temperatureChange / 5.0);
    }
}
