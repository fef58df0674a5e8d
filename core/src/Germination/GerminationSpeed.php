<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

use Marrow\Core\Fields\InvalidFigure;

/**
 * How fast the seeds came up. Slow seed is old seed, often a year before the share falls.
 * Mean time Σnt/Σn; T50 after Farooq et al. 2005; index Σn/t (AOSA).
 */
final readonly class GerminationSpeed
{
    /** Days that may lie between the counts of which half is told to the day. */
    private const CLOSE = 3.0;

    /**
     * @param  float  $meanDays  mean time to germinate, days; 0 when nothing has
     * @param  ?float  $t50  days by which half of those that came up had come up; null when they had at the first count, so that
     *                       nobody saw when
     * @param  float  $index  seedlings per day, summed over the counts
     * @param  array{float, float}|null  $halfBetween  days of the counts between which half of them came up; the first is 0 where they had at the
     *                                                first count
     * @param  ?float  $middleDays  from when a quarter of them were up until three quarters were; null where the counts lie too far apart to tell
     */
    private function __construct(
        public int $total,
        public float $meanDays,
        public ?float $t50,
        public float $index,
        public ?array $halfBetween = null,
        public ?float $middleDays = null,
    ) {}

    /** Whether the counts lie close enough around the half for its day to be told. */
    public function tellsHalf(): bool
    {
        return $this->t50 !== null && $this->halfBetween !== null && $this->halfBetween[1] - $this->halfBetween[0] <= self::CLOSE;
    }

    /**
     * @param  list<float|int>  $days  day of each count since the start, above 0 and rising, at most 3,650
     * @param  list<int>  $counts  seedlings that were new at each count, 0 … 1,000,000
     *
     * @throws InvalidFigure
     */
    public static function of(array $days, array $counts): self
    {
        if ($days === [] || count($days) !== count($counts)) {
            throw InvalidFigure::because('counts', sprintf(
                'Each count needs its day: %d days and %d counts were given.',
                count($days),
                count($counts),
            ));
        }
        $before = 0.0;
        foreach ($days as $i => $day) {
            InvalidFigure::unlessWithin('days', $day, 0, 3650, 'days');
            if ($day <= $before) {
                throw InvalidFigure::because('days', 'The days must rise from count to count, and the first must be after day 0.');
            }
            $before = $day;
            InvalidFigure::unlessWithin('counts', $counts[$i], 0, 1_000_000, 'seedlings');
        }
        $total = array_sum($counts);
        if ($total === 0) {
            throw InvalidFigure::because('counts', 'Nothing has germinated yet, so there is no speed to speak of.');
        }
        $dayCount = 0.0;
        $index = 0.0;
        foreach ($days as $i => $day) {
            $dayCount += $counts[$i] * $day;
            $index += $counts[$i] / $day;
        }

        [$from, $to] = self::between($days, $counts, $total / 2);
        $quarter = self::between($days, $counts, $total / 4);
        $threeQuarters = self::between($days, $counts, 3 * $total / 4);
        $isClose = max($quarter[1] - $quarter[0], $threeQuarters[1] - $threeQuarters[0]) <= self::CLOSE;
        $t25 = self::halfway($days, $counts, $total / 4);
        $t75 = self::halfway($days, $counts, 3 * $total / 4);

        return new self($total, $dayCount / $total, self::halfway($days, $counts, $total / 2), $index, [$from, $to], $isClose && $t25 !== null && $t75 !== null ? $t75 - $t25 : null);
    }

    /**
     * @param  list<float|int>  $days
     * @param  list<int>  $counts
     * @return array{float, float} days of the counts between which so many had come up
     */
    private static function between(array $days, array $counts, float $many): array
    {
        $sum = 0;
        $before = 0.0;
        foreach ($days as $i => $day) {
            $sum += $counts[$i];
            if ($sum >= $many) {
                return [$before, (float) $day];
            }
            $before = (float) $day;
        }

        return [$before, $before];
    }

    /**
     * @param  list<float|int>  $days
     * @param  list<int>  $counts
     */
    private static function halfway(array $days, array $counts, float $half): ?float
    {
        $sum = 0;
        $lastDay = null;
        foreach ($days as $i => $day) {
            if ($sum + $counts[$i] >= $half) {
                return $lastDay === null ? null : $lastDay + ($half - $sum) * ($day - $lastDay) / $counts[$i];
            }
            $sum += $counts[$i];
            $lastDay = $day;
        }

        return $lastDay;
    }
}
