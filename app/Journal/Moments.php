<?php

declare(strict_types=1);

namespace App\Journal;

use App\Clock;
use App\Voice\Speaking;
use DateTimeImmutable;
use Marrow\Core\Fields\DayOf;
use Marrow\Core\Fields\DayText;
use Marrow\Core\Fields\Refused;

/** When something happened, as it was given: a day, or a day and an hour, garden time, in any form that people write. */
final readonly class Moments
{
    private const EARLIEST = '1950-01-01';

    /** Clocks of phones go ahead of the server's by this much at the most before anybody is asked. */
    private const AHEAD = '+10 minutes';

    public function __construct(private Clock $clock) {}

    /**
     * A day alone is taken at noon, or now when it is today, so that an entry of today is never in the future.
     *
     * @throws Refused
     */
    public function read(string $given): DateTimeImmutable
    {
        $given = trim($given);
        if ($given === '') {
            throw Refused::at('happened_at', 'Say when it happened.');
        }
        $now = $this->clock->now();
        $at = self::understood($given, $now) ?? throw Refused::at('happened_at', sprintf('"%s" is not a day of the calendar. Write it as %2$s, or %2$s, %3$s.', mb_substr($given, 0, 40), Speaking::forms()->day($now), Speaking::forms()->hour($now)));
        if ($at > $now && $at <= $now->modify(self::AHEAD)) {
            return $now->setTime((int) $now->format('H'), (int) $now->format('i'));
        }
        if ($at > $now) {
            throw Refused::at('happened_at', sprintf('%s, %s is still to come. The journal holds what has happened; today is %s.', Speaking::forms()->day($at), Speaking::forms()->hour($at), Speaking::forms()->day($now)));
        }

        return $at >= new DateTimeImmutable(self::EARLIEST) ? $at : throw Refused::at('happened_at', 'That is before 1950. Is the year right?');
    }

    /** A day in any form that DayText reads, and an hour behind it, of 24 or with am and pm. */
    private static function understood(string $given, DateTimeImmutable $now): ?DateTimeImmutable
    {
        $hour = null;
        if (preg_match('/^(.*?)(?:T|,? +|, *)(\d{1,2}):(\d{2})(?: *([ap])\.?m\.?)?$/i', $given, $part) === 1) {
            $hour = self::hour((int) $part[2], (int) $part[3], mb_strtolower($part[4] ?? ''));
            if ($hour === null) {
                return null;
            }
            $given = $part[1];
        }
        $day = DayText::read($given, Speaking::forms()->monthFirst(), $now, DayOf::Past);
        if ($day === null) {
            return null;
        }
        $at = new DateTimeImmutable($day, $now->getTimezone());

        return match (true) {
            $hour !== null => $at->setTime(...$hour),
            $day === $now->format('Y-m-d') => $now->setTime((int) $now->format('H'), (int) $now->format('i')),
            default => $at->setTime(12, 0),
        };
    }

    /**
     * @param  string  $half  a or p of am and pm; empty of 24 hours
     * @return ?array{int, int}
     */
    private static function hour(int $hour, int $minute, string $half): ?array
    {
        if ($minute > 59 || $hour > ($half === '' ? 23 : 12) || ($half !== '' && $hour === 0)) {
            return null;
        }

        return [$half === '' ? $hour : $hour % 12 + ($half === 'p' ? 12 : 0), $minute];
    }
}
