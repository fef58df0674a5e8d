<?php

declare(strict_types=1);

namespace Marrow\Core\Instruments;

/** Where the wind mostly comes from, and how steadily. */
final readonly class PrevailingWind
{
    /** Share of all that blew below which it comes from everywhere. */
    private const STEADY = 0.15;

    /**
     * @param  float  $from  degrees, 0 north, 90 east
     * @param  float  $steadiness  share of all that blew that is left when ways against one another are taken off, 0 … 1
     */
    private function __construct(public float $from, public float $steadiness) {}

    /**
     * @param  float  $east  m/s, the mean of its part from the east
     * @param  float  $north  m/s, of that from the north
     * @param  float  $strong  m/s, the mean of how strong it was, from wherever
     * @return ?self null where it comes from everywhere, or there was none
     */
    public static function of(float $east, float $north, float $strong): ?self
    {
        $steadiness = $strong <= 0.0 ? 0.0 : min(1.0, hypot($east, $north) / $strong);

        return $steadiness < self::STEADY ? null : new self(fmod(rad2deg(atan2($east, $north)) + 360.0, 360.0), $steadiness);
    }
}
