<?php

declare(strict_types=1);

namespace App\Words;

use DateTimeImmutable;

/** Moments as a gardener says them, seen from a given day. */
final readonly class When
{
    public function __construct(public DateTimeImmutable $now) {}

    /** "today", "tomorrow", "Saturday 19 September", with the year when it is another one. */
    public function day(DateTimeImmutable $at): string
    {
        return match ($this->daysTo($at)) {
            -1 => 'yesterday',
            0 => 'today',
            1 => 'tomorrow',
            default => $this->date($at),
        };
    }

    public function hour(DateTimeImmutable $at): string
    {
        return $this->day($at).' '.$at->format('H:i');
    }

    public function date(DateTimeImmutable $at): string
    {
        return $at->format($at->format('Y') === $this->now->format('Y') ? 'l j F' : 'j F Y');
    }

    /** "March 2028": for forecasts, in which the day means nothing. */
    public static function month(DateTimeImmutable $at): string
    {
        return $at->format('F Y');
    }

    /** "in 5 days", "3 hours ago": how far away something is. */
    public function away(DateTimeImmutable $at): string
    {
        $hours = ($at->getTimestamp() - $this->now->getTimestamp()) / 3600;
        $days = $this->daysTo($at);
        $far = match (true) {
            abs($hours) < 1 => 'now',
            abs($hours) < 24 => Quantity::number((int) round(abs($hours)), 'hour'),
            abs($days) < 60 => Quantity::number(abs($days), 'day'),
            abs($days) < 730 => Quantity::number((int) round(abs($days) / 30.44), 'month'),
            default => Quantity::number((int) round(abs($days) / 365.25), 'year'),
        };

        return match (true) {
            $far === 'now' => 'now',
            $hours > 0 => 'in '.$far,
            default => $far.' ago',
        };
    }

    /** Calendar days from now; negative in the past. */
    public function daysTo(DateTimeImmutable $at): int
    {
        return (int) $this->now->setTime(0, 0)->diff($at->setTime(0, 0))->format('%r%a');
    }
}
