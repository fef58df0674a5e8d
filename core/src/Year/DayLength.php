<?php

declare(strict_types=1);

namespace Marrow\Core\Year;

use Marrow\Core\Botany\BloomLight;
use Marrow\Core\Pollinating\SunTimes;

/** How long days are in a garden, and when they are as a crop wants them to bloom. */
final class DayLength
{
    private const A_YEAR = 366;

    /** Hours from sunrise to sunset; 0 or 24 where the sun stays away, or up. */
    public static function hours(float $latitude, \DateTimeImmutable $day): float
    {
        $sun = SunTimes::of($latitude, 0.0, $day);
        if ($sun->rise === null || $sun->set === null) {
            return $sun->isUp ? 24.0 : 0.0;
        }

        return ($sun->set->getTimestamp() - $sun->rise->getTimestamp()) / 3600;
    }

    /** Whether any day of the year is as a crop wants it: the longest or the shortest would be. */
    public static function everSuits(BloomLight $light, float $latitude): bool
    {
        return $light->suits(self::extreme($light->isShort, $latitude));
    }

    /** Hours of the shortest day of the year, or of the longest. */
    public static function extreme(bool $isShortest, float $latitude): float
    {
        $solstices = array_map(static fn (string $day): float => self::hours($latitude, new \DateTimeImmutable("2001-$day")), ['06-21', '12-21']);

        return $isShortest ? min($solstices) : max($solstices);
    }

    /** The first day from one on that is as a crop wants it; null where none of a year is. */
    public static function suiting(BloomLight $light, float $latitude, \DateTimeImmutable $from): ?\DateTimeImmutable
    {
        for ($on = 0; $on < self::A_YEAR; $on++) {
            $day = $from->modify("+$on days");
            if ($light->suits(self::hours($latitude, $day))) {
                return $day;
            }
        }

        return null;
    }

    /**
     * The stretch of a year in which days are as a crop wants them.
     *
     * @return array{\DateTimeImmutable, \DateTimeImmutable}|bool its first and last day; true for all the year, false for never
     */
    public static function season(BloomLight $light, float $latitude): array|bool
    {
        // From midwinter on of either half: the stretch begins after a day that does not suit, or there is none such.
        $begin = new \DateTimeImmutable('2001-01-01');
        $suits = static fn (int $on): bool => $light->suits(self::hours($latitude, $begin->modify("+$on days")));
        $first = $last = null;
        $all = true;
        for ($on = 0; $on < 365; $on++) {
            $is = $suits($on);
            $all = $all && $is;
            $first = $is && ! $suits($on - 1) ? $on : $first;
            $last = $is && ! $suits($on + 1) ? $on : $last;
        }

        return $first === null || $last === null ? $all : [$begin->modify("+$first days"), $begin->modify("+$last days")];
    }
}
