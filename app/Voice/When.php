<?php

declare(strict_types=1);

namespace App\Voice;

use DateTimeImmutable;
use Marrow\Core\Work\Later;

/** Moments as a gardener says them, seen from a given day. */
final readonly class When
{
    /** @param  bool  $isRead  at once, by whoever asks; what is kept and read later, as in a calendar, says the date for "tomorrow" */
    public function __construct(public DateTimeImmutable $now, private bool $isRead = true) {}

    /** "today", "tomorrow", "Saturday 19 September", with the year when it is another one. */
    public function day(DateTimeImmutable $at): string
    {
        return match ($this->isRead ? $this->daysTo($at) : null) {
            -1 => 'yesterday',
            0 => 'today',
            1 => 'tomorrow',
            default => $this->date($at),
        };
    }

    /** To the full hour: what is reckoned by a rule of thumb is not good to the minute. */
    public function hour(DateTimeImmutable $at): string
    {
        $rounded = $at->modify('+30 minutes');
        $rounded = $rounded->setTime((int) $rounded->format('H'), 0);

        return $this->day($rounded).' '.Speaking::forms()->hour($rounded);
    }

    /** To the minute: what is reckoned to it, or was read off a clock. */
    public function minute(DateTimeImmutable $at): string
    {
        return $this->day($at).' '.Speaking::forms()->hour($at);
    }

    public function date(DateTimeImmutable $at): string
    {
        return $at->format('Y') === $this->now->format('Y') ? Speaking::forms()->dayOfYear($at) : Speaking::forms()->day($at);
    }

    /** Since when something has been wanted, as people say it: "this morning", "yesterday", "Monday", "14 August". */
    public function since(DateTimeImmutable $at): string
    {
        $days = -$this->daysTo($at);
        $part = match (true) {
            (int) $at->format('H') < 12 => 'morning',
            (int) $at->format('H') < 18 => 'afternoon',
            default => 'evening',
        };

        return match (true) {
            ! $this->isRead => $this->date($at),
            $days <= 0 => "this $part",
            $days === 1 => "yesterday $part",
            $days < 7 => $at->format('l'),
            $days < 300 => $at->format(Speaking::forms()->dayForm === 'us' ? 'F j' : 'j F'),
            default => self::month($at),
        };
    }

    /** "March 2028": for forecasts, in which the day means nothing. */
    public static function month(DateTimeImmutable $at): string
    {
        return $at->format('F Y');
    }

    /** "in 5 days", "3 hours ago", "now". */
    public function away(DateTimeImmutable $at): string
    {
        return match (true) {
            $this->isNear($at) => 'now',
            $at > $this->now => 'in '.$this->span($at),
            default => $this->span($at).' ago',
        };
    }

    /** "5 days", "3 hours": how far a moment is from now, either way. */
    public function span(DateTimeImmutable $at): string
    {
        $hours = abs($this->now->getTimestamp() - $at->getTimestamp()) / 3600;
        $days = max(1, abs($this->daysTo($at)));

        return match (true) {
            $hours < 24 => Quantity::number(max(1, (int) round($hours)), 'hour'),
            $days < 60 => Quantity::number($days, 'day'),
            $days < 730 => Quantity::number((int) round($days / Later::DAYS_A_MONTH), 'month'),
            default => Quantity::number((int) round($days / 365.25), 'year'),
        };
    }

    public function isNear(DateTimeImmutable $at): bool
    {
        return abs($this->now->getTimestamp() - $at->getTimestamp()) < 3600;
    }

    /** Calendar days from now; negative in the past. */
    public function daysTo(DateTimeImmutable $at): int
    {
        return (int) $this->now->setTime(0, 0)->diff($at->setTime(0, 0))->format('%r%a');
    }
}
