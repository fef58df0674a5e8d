<?php

declare(strict_types=1);

namespace Marrow\Core\Cleaning;

use Marrow\Core\Fields\InvalidFigure;

/**
 * How long seed may lie in water while it is cleaned, before it drinks itself full and sprouts. A rule of thumb: the crop's
 * limit at 20 °C, halved for every 10 °C warmer and doubled for every 10 °C cooler, and never beyond a day.
 */
final readonly class Soak
{
    public const MOST_HOURS = 24.0;

    public const MIN_TEMPERATURE = 5.0;

    public const MAX_TEMPERATURE = 35.0;

    /** °C at which a crop's limit holds. */
    private const AT = 20.0;

    /**
     * @param  float  $limit  h at 20 °C, 0 … 72
     * @param  float  $temperature  of the water, °C, 5 … 35
     * @return float h
     *
     * @throws InvalidFigure
     */
    public static function hours(float $limit, float $temperature): float
    {
        InvalidFigure::unlessWithin('limit', $limit, 0.0, 72.0, 'h');
        InvalidFigure::unlessWithin('temperature', $temperature, self::MIN_TEMPERATURE, self::MAX_TEMPERATURE, '°C');

        return min(self::MOST_HOURS, $limit * 2.0 ** ((self::AT - $temperature) / 10.0));
    }
}
