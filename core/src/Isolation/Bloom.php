<?php

declare(strict_types=1);

namespace Marrow\Core\Isolation;

use Marrow\Core\Fields\InvalidFigure;

/** The days in which a planting has open flowers, both ends included. */
final readonly class Bloom
{
    /** Days from 1970 of both ends: comparing whole numbers is a hundred times quicker than comparing dates. */
    public int $firstDay;

    public int $lastDay;

    private function __construct(public \DateTimeImmutable $first, public \DateTimeImmutable $last)
    {
        $this->firstDay = self::number($first);
        $this->lastDay = self::number($last);
    }

    /** @throws InvalidFigure when it would end before it begins */
    public static function between(\DateTimeImmutable $first, \DateTimeImmutable $last, string $figure = 'last_bloom'): self
    {
        $first = $first->setTime(0, 0);
        $last = $last->setTime(0, 0);
        if ($last < $first) {
            throw InvalidFigure::because($figure, sprintf(
                '%s must not lie before the first bloom: %s is before %s.',
                $figure,
                $last->format('Y-m-d'),
                $first->format('Y-m-d'),
            ));
        }

        return new self($first, $last);
    }

    /** At least 1. */
    public function days(): int
    {
        return $this->lastDay - $this->firstDay + 1;
    }

    /** Days on which both bloom; 0 when there is none. */
    public function overlapDays(self $other): int
    {
        return max(0, min($this->lastDay, $other->lastDay) - max($this->firstDay, $other->firstDay) + 1);
    }

    /** Days between one going over and the other opening; 0 when they touch or overlap. */
    public function gapTo(self $other): int
    {
        return max(0, max($this->firstDay, $other->firstDay) - min($this->lastDay, $other->lastDay) - 1);
    }

    /** Later by so many days, earlier where negative. */
    public function shifted(int $days): self
    {
        return new self($this->first->modify(sprintf('%+d days', $days)), $this->last->modify(sprintf('%+d days', $days)));
    }

    /** By the calendar, not by seconds: a day with a change of clocks is a day. */
    private static function number(\DateTimeImmutable $day): int
    {
        return intdiv((int) gmmktime(12, 0, 0, (int) $day->format('n'), (int) $day->format('j'), (int) $day->format('Y')), 86_400);
    }
}
