<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use DateTimeImmutable;

/**
 * Which days a cage opened in turn stands open: of all that could cross with it and are opened in turn, one variety a day.
 *
 * Days are counted from one fixed day, so that cages keep step whatever day each of them began.
 */
final readonly class CageRota
{
    private const SECONDS_A_DAY = 86_400;

    /**
     * @param  int  $every  open once in this many days, 2 or more
     * @param  int  $turn  0 … every − 1
     * @param  list<PlannedPlanting>  $others  the varieties that have the other days
     */
    private function __construct(public int $every, public int $turn, public array $others) {}

    public static function of(SeasonPlan $plan, PlannedPlanting $planting): self
    {
        $meter = new PollenMeter($plan);
        // Two plantings of one variety may stand open together.
        $turns = [];
        $others = [];
        foreach ($plan->standing() as $mate) {
            if ($mate->cover !== Cover::Alternate || $meter->compatibility($planting->crop, $mate->crop) <= 0.0) {
                continue;
            }
            $turns[$mate->variety] ??= count($turns);
            if ($mate->variety !== $planting->variety) {
                $others[] = $mate;
            }
        }

        return new self(max(2, count($turns)), $turns[$planting->variety] ?? 0, $others);
    }

    /** @return DateTimeImmutable the first day on or after this one on which it stands open */
    public function openFrom(DateTimeImmutable $day): DateTimeImmutable
    {
        $count = intdiv($day->getTimestamp(), self::SECONDS_A_DAY);
        $wait = (($this->turn - $count) % $this->every + $this->every) % $this->every;

        return $day->modify("+$wait days");
    }
}
