<?php

declare(strict_types=1);

namespace App;

use DateTimeImmutable;

/** How moments are kept in the database, and how they travel. */
final class Moment
{
    /** Sorts and compares as text. */
    private const KEPT = 'Y-m-d H:i:s';

    public static function keep(DateTimeImmutable $at): string
    {
        return $at->format(self::KEPT);
    }

    public static function read(string $kept): DateTimeImmutable
    {
        return new DateTimeImmutable($kept);
    }

    public static function readOrNull(?string $kept): ?DateTimeImmutable
    {
        return $kept === null ? null : self::read($kept);
    }

    /** As the API says it: garden time, to the minute, no zone. */
    public static function say(DateTimeImmutable $at): string
    {
        return $at->format('Y-m-d\TH:i');
    }
}
