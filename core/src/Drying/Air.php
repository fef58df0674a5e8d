<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

use Marrow\Core\Fields\InvalidFigure;

/** The air of a room, a fridge or a jar. Magnus with the coefficients 6.112 hPa, 17.62 and 243.12 °C (WMO). */
final readonly class Air
{
    public const MIN_TEMPERATURE = -40.0;

    public const MAX_TEMPERATURE = 60.0;

    public const MIN_RH = 0.01;

    private function __construct(public float $temperature, public float $rh) {}

    /**
     * @param  float  $temperature  °C, −40 … 60
     * @param  float  $rh  share, 0.01 … 1
     *
     * @throws InvalidFigure
     */
    public static function at(float $temperature, float $rh): self
    {
        InvalidFigure::unlessWithin('temperature', $temperature, self::MIN_TEMPERATURE, self::MAX_TEMPERATURE, '°C');
        InvalidFigure::unlessWithin('rh', $rh, self::MIN_RH, 1.0);

        return new self($temperature, $rh);
    }

    /** hPa */
    public function vapourPressure(): float
    {
        return self::saturation($this->temperature) * $this->rh;
    }

    /** g of water in a cubic metre */
    public function absoluteHumidity(): float
    {
        return 216.7 * $this->vapourPressure() / (273.15 + $this->temperature);
    }

    /** °C below which water condenses from it */
    public function dewPoint(): float
    {
        $log = log($this->vapourPressure() / 6.112);

        return 243.12 * $log / (17.62 - $log);
    }

    /**
     * RH of the same air, the same water in each cubic metre, at another temperature. At most 1: what is over condenses.
     *
     * @param  float  $temperature  °C, −40 … 60
     *
     * @throws InvalidFigure
     */
    public function rhAt(float $temperature): float
    {
        InvalidFigure::unlessWithin('to_temperature', $temperature, self::MIN_TEMPERATURE, self::MAX_TEMPERATURE, '°C');
        $pressure = $this->absoluteHumidity() * (273.15 + $temperature) / 216.7;

        return min(1.0, $pressure / self::saturation($temperature));
    }

    private static function saturation(float $temperature): float
    {
        return 6.112 * exp(17.62 * $temperature / (243.12 + $temperature));
    }
}
