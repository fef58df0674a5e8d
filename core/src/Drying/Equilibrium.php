<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

use Marrow\Core\Fields\InvalidFigure;

/**
 * What moisture seed settles to in air of a given humidity, and back. Oily seed holds less water than starchy seed.
 * Cromarty, Ellis & Roberts 1982.
 */
final class Equilibrium
{
    /** The air of a closed jar is never bone dry nor fully damp; outside these the equation runs away. */
    public const MIN_RH = 0.01;

    public const MAX_RH = 0.98;

    public const MIN_TEMPERATURE = -20.0;

    public const MAX_TEMPERATURE = 60.0;

    public const MAX_OIL = 0.7;

    /**
     * Moisture, per cent of dry mass: (1 − oil)·√(−440 ln(1 − rh)/(1.1 + T/90)).
     *
     * @param  float  $rh  0.01 … 0.98
     * @param  float  $temperature  °C, −20 … 60
     * @param  float  $oil  share of dry mass, 0 … 0.7
     *
     * @throws InvalidFigure
     */
    public static function dryBasis(float $rh, float $temperature, float $oil): float
    {
        InvalidFigure::unlessWithin('rh', $rh, self::MIN_RH, self::MAX_RH);
        self::check($temperature, $oil);

        return (1.0 - $oil) * sqrt(-440.0 * log(1.0 - $rh) / (1.1 + $temperature / 90.0));
    }

    /**
     * Moisture, per cent of wet mass.
     *
     * @throws InvalidFigure
     */
    public static function moisture(float $rh, float $temperature, float $oil): float
    {
        $dry = self::dryBasis($rh, $temperature, $oil);

        return 100.0 * $dry / (100.0 + $dry);
    }

    /**
     * The RH (share) at which seed of this moisture neither gives nor takes water: the inverse of moisture().
     *
     * @param  float  $moisture  per cent of wet mass, 0.1 … 40
     *
     * @throws InvalidFigure
     */
    public static function seedRh(float $moisture, float $temperature, float $oil): float
    {
        InvalidFigure::unlessWithin('moisture', $moisture, 0.1, 40.0, '%');
        self::check($temperature, $oil);
        $dry = 100.0 * $moisture / (100.0 - $moisture);

        return 1.0 - exp(-(($dry / (1.0 - $oil)) ** 2) * (1.1 + $temperature / 90.0) / 440.0);
    }

    /** @throws InvalidFigure */
    private static function check(float $temperature, float $oil): void
    {
        InvalidFigure::unlessWithin('temperature', $temperature, self::MIN_TEMPERATURE, self::MAX_TEMPERATURE, '°C');
        InvalidFigure::unlessWithin('oil', $oil, 0.0, self::MAX_OIL);
    }
}
