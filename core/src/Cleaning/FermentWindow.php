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

    /** h that it takes at AT °C */
    private const USUAL = 72.0;

    private const AT = 21.0;

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

        return self::during([[0.0, $temperature]]);
    }

    /**
     * The same where the air was not the same all along: every hour brings it on by as much as it would at its own temperature.
     *
     * @param  non-empty-list<array{float, float}>  $course  hours after the start and °C from then on, rising, the first at 0; beyond 10 … 40 °C the nearer of them
     */
    public static function during(array $course): self
    {
        return new self(self::reaching($course, 2 / 3), self::reaching($course, 1.0), self::reaching($course, 2.0));
    }

    /**
     * @param  non-empty-list<array{float, float}>  $course
     * @return float h after which the ferment has gone so many times as far as it usually goes
     */
    private static function reaching(array $course, float $times): float
    {
        $gone = 0.0;
        foreach ($course as $i => [$from, $temperature]) {
            $usual = self::USUAL * 2.0 ** ((self::AT - max(self::MIN_TEMPERATURE, min(self::MAX_TEMPERATURE, $temperature))) / 10.0);
            $until = $course[$i + 1][0] ?? INF;
            if ($gone + ($until - $from) / $usual >= $times) {
                return self::clamp($from + ($times - $gone) * $usual);
            }
            $gone += ($until - $from) / $usual;
        }

        return self::LONGEST_HOURS;
    }

    private static function clamp(float $hours): float
    {
        return max(self::SHORTEST_HOURS, min(self::LONGEST_HOURS, $hours));
    }
}
