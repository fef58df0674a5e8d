<?php

declare(strict_types=1);

namespace App\Journal;

use App\Clock;
use DateTimeImmutable;
use Marrow\Core\Fields\Refused;

/** When something happened, as it was given: a day, or a day and an hour, garden time. */
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
        $at = self::strict('Y-m-d\TH:i', $given, $now);
        if ($at === null) {
            $day = self::strict('Y-m-d', $given, $now) ?? throw Refused::at('happened_at', sprintf('"%s" is not a day of the calendar. Write it as 2026-09-14, or 2026-09-14T18:30.', mb_substr($given, 0, 40)));
            $at = $given === $now->format('Y-m-d') ? $now->setTime((int) $now->format('H'), (int) $now->format('i')) : $day->setTime(12, 0);
        }
        if ($at > $now && $at <= $now->modify(self::AHEAD)) {
            return $now->setTime((int) $now->format('H'), (int) $now->format('i'));
        }
        if ($at > $now) {
            throw Refused::at('happened_at', sprintf('%s is still to come. The journal holds what has happened; today is %s.', $at->format('j F Y, H:i'), $now->format('j F Y')));
        }

        return $at >= new DateTimeImmutable(self::EARLIEST) ? $at : throw Refused::at('happened_at', 'That is before 1950. Is the year right?');
    }

    private static function strict(string $form, string $given, DateTimeImmutable $now): ?DateTimeImmutable
    {
        if (preg_match('/^[\dT:-]+$/', $given) !== 1) {
            return null;
        }
        $at = DateTimeImmutable::createFromFormat("!$form", $given, $now->getTimezone());

        return $at !== false && $at->format($form) === $given ? $at : null;
    }
}
