<?php

declare(strict_types=1);

namespace Marrow\Core\Cleaning;

use Marrow\Core\Fields\InvalidFigure;

/**
 * When a ferment of seed in its gel may be poured off. A rule of thumb, not a law: about 72 h at 21 °C, halved for
 * every 10 °C warmer and doubled for every 10 °C cooler, between 24 h and a week. The gel may let go from two thirds
 * of that time; after twice that time seed may sprout in the jar. The jar itself has the last word.
 */
final readonly class FermentWindow
{
    public const SHORTEST_HOURS = 24.0;

    public const LONGEST_HOURS = 168.0;

    public const MIN_TEMPERATURE = 10.0;

    public const MAX_TEMPERATURE = 40.0;

    /**
     * @param  float  $earliestHours  look from here on
     * @param  float  $typicalHours  when the gel has usually let go
     * @param  float  $latestHours  after this seed may sprout or spoil
     */
    private function __construct(
        public float $earliestHours,
        public float $typicalHours,
        public float $latestHours,
    ) {}

    /**
     * @param  float  $temperature  of the room, °C, 10 … 40
     *
     * @throws InvalidFigure
     */
    public static function at(float $temperature): self
    {
        InvalidFigure::unlessWithin('temperature', $temperature, self::MIN_TEMPERATURE, self::MAX_TEMPERATURE, '°C');
        $usual = 72.0 * 2.0 ** ((21.0 - $temperature) / 10.0);

        return new self(self::clamp($usual * 2 / 3), self::clamp($usual), self::clamp($usual * 2));
    }

    private static function clamp(float $hours): float
    {
        return max(self::SHORTEST_HOURS, min(self::LONGEST_HOURS, $hours));
    }
}
