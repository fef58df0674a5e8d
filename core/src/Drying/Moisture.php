<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

use Marrow\Core\Fields\InvalidFigure;

/** Moisture of seed from its weight. Per cent of wet mass throughout; the dry matter never changes, only the water. */
final class Moisture
{
    /** Below this a kitchen's figures mean nothing, above it there is more water than any ripe seed or wet pulp holds. */
    public const MIN = 0.1;

    public const MAX = 95.0;

    /**
     * What the seed will weigh when it has dried to $target: m(100 − M)/(100 − T).
     *
     * @param  float  $mass  g, above 0
     * @param  float  $moisture  per cent now
     * @param  float  $target  per cent wanted
     * @return float g
     *
     * @throws InvalidFigure
     */
    public static function targetMass(float $mass, float $moisture, float $target): float
    {
        self::checkMass('mass', $mass);
        InvalidFigure::unlessWithin('moisture', $moisture, self::MIN, self::MAX, '%');
        InvalidFigure::unlessWithin('target', $target, self::MIN, self::MAX, '%');

        return $mass * (100.0 - $moisture) / (100.0 - $target);
    }

    /**
     * Moisture now, of seed that weighed $startMass at $startMoisture: 100 − (100 − M₀)m₀/m.
     *
     * @param  float  $startMass  g
     * @param  float  $startMoisture  per cent
     * @param  float  $mass  g now
     * @return float per cent
     *
     * @throws InvalidFigure when the seed would weigh less than its own dry matter
     */
    public static function now(float $startMass, float $startMoisture, float $mass): float
    {
        self::checkMass('start_mass', $startMass);
        InvalidFigure::unlessWithin('start_moisture', $startMoisture, self::MIN, self::MAX, '%');
        self::checkMass('mass', $mass);
        $dry = $startMass * (100.0 - $startMoisture) / 100.0;
        if ($mass < $dry) {
            throw InvalidFigure::because('mass', sprintf(
                'The seed cannot weigh %.4g g: its dry matter alone is %.4g g. Was some taken out, or was the starting moisture lower?',
                $mass,
                $dry,
            ));
        }

        return 100.0 - (100.0 - $startMoisture) * $startMass / $mass;
    }

    /**
     * Moisture by the oven: what a dish of seed loses, of the seed's wet mass (ISTA low- or high-constant-temperature oven).
     *
     * @param  float  $dish  g, empty
     * @param  float  $dishWet  g with the seed before drying
     * @param  float  $dishDry  g with the seed after drying
     * @return float per cent of wet mass
     *
     * @throws InvalidFigure
     */
    public static function oven(float $dish, float $dishWet, float $dishDry): float
    {
        self::checkMass('dish', $dish);
        self::checkMass('dish_wet', $dishWet);
        self::checkMass('dish_dry', $dishDry);
        if ($dishWet <= $dish) {
            throw InvalidFigure::because('dish_wet', 'The dish with seed in it must weigh more than the empty dish.');
        }
        if ($dishDry > $dishWet) {
            throw InvalidFigure::because('dish_dry', 'Seed cannot gain weight in an oven: the dry dish must not weigh more than the wet one.');
        }
        if ($dishDry < $dish) {
            throw InvalidFigure::because('dish_dry', 'The dish with dry seed cannot weigh less than the empty dish.');
        }

        return 100.0 * ($dishWet - $dishDry) / ($dishWet - $dish);
    }

    /** @throws InvalidFigure */
    private static function checkMass(string $figure, float $mass): void
    {
        InvalidFigure::unlessWithin($figure, $mass, 0.001, 1_000_000.0, 'g');
    }
}
