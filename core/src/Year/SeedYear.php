<?php

declare(strict_types=1);

namespace Marrow\Core\Year;

use Marrow\Core\Botany\Growing;
use Marrow\Core\Botany\Sowing;

/** When what is sown on a day blooms and has ripe seed: the one reckoning that the plan, the plot and the handbook go by. */
final readonly class SeedYear
{
    /** One spring is about a week ahead of another, or behind it. */
    private const WEATHER = 7;

    /** Days by which what is counted from its sowing moves. */
    private const MOST_BY_SOWING = 15;

    /**
     * @param  \DateTimeImmutable  $firstBloom  the first flower, at the day of the sowing's own hour
     * @param  \DateTimeImmutable  $ripeFrom  the earliest that seed can be ripe, by the widest figures
     * @param  \DateTimeImmutable  $ripeBest  the first seed, by the middle ones
     * @param  \DateTimeImmutable  $ripeTo  the last seed, by the widest
     */
    private function __construct(
        public Sowing $sowing,
        public \DateTimeImmutable $firstBloom,
        public \DateTimeImmutable $lastBloom,
        public \DateTimeImmutable $ripeFrom,
        public \DateTimeImmutable $ripeBest,
        public \DateTimeImmutable $ripeTo,
    ) {}

    public static function of(Growing $growing, \DateTimeImmutable $sown, SeasonShift $shift): self
    {
        $sown = $shift->turn->inBook($sown);
        $sowing = $growing->sowingOn($sown);
        [$earliest, $first, $latest] = self::firstBloom($growing, $sowing, $sown, $shift);

        return new self(
            $sowing,
            ...array_map($shift->turn->here(...), [
                $first,
                self::later($first, $growing->bloomDays() - 1),
                self::later($earliest, $growing->bloomToRipeMin),
                self::later($first, $growing->ripeDays()),
                self::later($latest, $growing->bloomToRipeMax),
            ]),
        );
    }

    /**
     * The last day on which it can be sown in the same season so that a flower a number of days after the first is ripe by
     * the end; null when none of that sowing's months would do.
     */
    public static function lastSowing(Growing $growing, Sowing $sowing, \DateTimeImmutable $end, SeasonShift $shift): ?\DateTimeImmutable
    {
        if ($sowing->daysMin === null || $sowing->daysMax === null) {
            return null;
        }
        $end = $shift->turn->inBook($end);
        $day = self::later($end, -$growing->ripeDays() - $sowing->daysMin - self::half($shift));
        for ($tries = $sowing->daysMax - $sowing->daysMin + 1; $tries > 0; $tries--) {
            if (self::later($day, (int) $sowing->daysToBloom($day) + self::half($shift) + $growing->ripeDays()) <= $end) {
                return $shift->turn->here($day);
            }
            $day = self::later($day, -1);
        }

        return $shift->turn->here($day);
    }

    /** @return array{\DateTimeImmutable, \DateTimeImmutable, \DateTimeImmutable} the earliest to be looked for, the likeliest, and the last flower at the latest */
    private static function firstBloom(Growing $growing, Sowing $sowing, \DateTimeImmutable $sown, SeasonShift $shift): array
    {
        $days = $shift->hasSpring ? $sowing->daysToBloom($sown) : $sowing->daysMin;
        if ($days !== null) {
            // A sowing of this year has part of a late spring behind it already when it is made.
            $first = self::lit($growing, self::later($sown, $days + self::half($shift)), $shift);

            return [self::later($first, -self::WEATHER), $first, self::later($first, $growing->bloomDays() - 1 + self::WEATHER)];
        }
        if ($growing->light !== null && $shift->latitude !== null && $sowing->years === 0) {
            // Grown up it waits for no month, but for days as it wants them.
            $first = self::lit($growing, self::later($sown, $sowing->daysGrownUp()), $shift);

            return [self::later($first, -self::WEATHER), $first, self::later($first, $growing->bloomDays() - 1 + self::WEATHER)];
        }
        // Over a winter an early sowing and a late one come level: the calendar calls them, in the middle of its window.
        [$from, $to] = $sowing->window();
        $newYear = $sown->setDate($sowing->bloomYear($sown), 1, 1);
        $earliest = self::later($newYear, $from + $shift->days);
        $slack = max(0, $to - $from - $growing->bloomDays());

        return [$earliest, self::later($earliest, intdiv($slack, 2)), self::later($newYear, $to + $shift->days)];
    }

    /** The first day from one on, of the handbook, that is as long or short here as a crop wants it to bloom; that day itself where it does not go by it. */
    private static function lit(Growing $growing, \DateTimeImmutable $day, SeasonShift $shift): \DateTimeImmutable
    {
        if ($growing->light === null || $shift->latitude === null) {
            return $day;
        }
        $suiting = DayLength::suiting($growing->light, $shift->latitude, $shift->turn->here($day));

        return $suiting === null ? $day : $shift->turn->inBook($suiting);
    }

    /** Half of the shift, and little at the most: the gardener has sown when the garden was ready, and the plant has its days to grow. */
    private static function half(SeasonShift $shift): int
    {
        if (! $shift->hasSpring) {
            return -self::MOST_BY_SOWING;
        }

        return max(-self::MOST_BY_SOWING, min(self::MOST_BY_SOWING, intdiv($shift->days, 2)));
    }

    private static function later(\DateTimeImmutable $day, int $days): \DateTimeImmutable
    {
        return $day->modify(sprintf('%+d days', $days));
    }
}
