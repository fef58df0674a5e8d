<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Clock;
use DateTimeImmutable;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Journal\EntryKind;

/** What every request that records something has in common. */
final class EntryRules
{
    /**
     * The moment something happened, garden time: a day, or a day and an hour. A day alone is taken at noon, or now
     * when it is today, so that an entry of today is never in the future.
     *
     * @throws ValidationException
     */
    public static function moment(mixed $given, Clock $clock): DateTimeImmutable
    {
        $given = is_string($given) ? trim($given) : '';
        if ($given === '') {
            throw ValidationException::withMessages(['happened_at' => 'Say when it happened.']);
        }
        $now = $clock->now();
        $at = DateTimeImmutable::createFromFormat('!Y-m-d\TH:i', $given, $now->getTimezone());
        if ($at !== false && $at->format('Y-m-d\TH:i') === $given) {
            return $at;
        }
        $day = DateTimeImmutable::createFromFormat('!Y-m-d', $given, $now->getTimezone());
        if ($day === false || $day->format('Y-m-d') !== $given) {
            throw ValidationException::withMessages(['happened_at' => "\"$given\" is not a day of the calendar. Write it as 2026-09-14, or 2026-09-14T18:30."]);
        }

        return $given === $now->format('Y-m-d') ? $now->setTime((int) $now->format('H'), (int) $now->format('i')) : $day->setTime(12, 0);
    }

    /** @throws ValidationException */
    public static function kind(mixed $given): EntryKind
    {
        return (is_string($given) ? EntryKind::tryFrom($given) : null)
            ?? throw ValidationException::withMessages(['kind' => 'Nothing of that kind can be recorded.']);
    }
}
