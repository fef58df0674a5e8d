<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use DateTimeImmutable;

/**
 * Which days a cage opened in turn stands open: no two varieties that could cross ever on the same day.
 *
 * Turns are given out over everything that hangs together by crossing, so that two cages with a common partner keep one
 * rota; varieties that cannot cross with each other may share a day. Days are counted from one fixed day, so that cages
 * keep step whatever day each of them began.
 */
final readonly class CageRota
{
    private const SECONDS_A_DAY = 86_400;

    /**
     * @param  int  $every  open once in this many days, 2 or more
     * @param  int  $turn  0 … every − 1
     * @param  list<PlannedPlanting>  $others  those that it could cross with, which have other days
     */
    private function __construct(public int $every, public int $turn, public array $others) {}

    public static function of(SeasonPlan $plan, PlannedPlanting $planting): self
    {
        $meter = new PollenMeter($plan);
        $caged = array_values(array_filter($plan->standing(), static fn (PlannedPlanting $mate): bool => $mate->cover === Cover::Alternate));
        $group = self::hangingTogether($planting, $caged, $meter);
        $turns = [];
        foreach ($group as $mate) {
            // Two plantings of one variety may stand open together, so a variety takes the first turn that none of its partners has.
            $taken = [];
            foreach ($group as $other) {
                if ($other->variety !== $mate->variety && isset($turns[$other->variety]) && self::cross($mate, $other, $meter)) {
                    $taken[$turns[$other->variety]] = true;
                }
            }
            $turn = $turns[$mate->variety] ?? 0;
            while (isset($taken[$turn])) {
                $turn++;
            }
            $turns[$mate->variety] = $turn;
        }
        $others = array_values(array_filter($group, static fn (PlannedPlanting $mate): bool => $mate->variety !== $planting->variety && self::cross($planting, $mate, $meter)));

        return new self(max(2, 1 + max([0, ...array_values($turns)])), $turns[$planting->variety] ?? 0, $others);
    }

    /** @return DateTimeImmutable the first day on or after this one on which it stands open */
    public function openFrom(DateTimeImmutable $day): DateTimeImmutable
    {
        $count = intdiv($day->getTimestamp(), self::SECONDS_A_DAY);
        $wait = (($this->turn - $count) % $this->every + $this->every) % $this->every;

        return $day->modify("+$wait days");
    }

    /**
     * @param  list<PlannedPlanting>  $caged
     * @return list<PlannedPlanting> the planting, what it could cross with, what that could cross with, and so on; as the plan has them
     */
    private static function hangingTogether(PlannedPlanting $planting, array $caged, PollenMeter $meter): array
    {
        $in = [$planting->id => true];
        $next = [$planting];
        while ($next !== []) {
            $one = array_pop($next);
            foreach ($caged as $mate) {
                if (! isset($in[$mate->id]) && ($mate->variety === $one->variety || self::cross($one, $mate, $meter))) {
                    $in[$mate->id] = true;
                    $next[] = $mate;
                }
            }
        }

        return array_values(array_filter($caged, static fn (PlannedPlanting $mate): bool => isset($in[$mate->id])));
    }

    private static function cross(PlannedPlanting $a, PlannedPlanting $b, PollenMeter $meter): bool
    {
        return $meter->compatibility($a->crop, $b->crop) > 0.0 || $meter->compatibility($b->crop, $a->crop) > 0.0;
    }
}
