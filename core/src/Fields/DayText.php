<?php

declare(strict_types=1);

namespace Marrow\Core\Fields;

/**
 * A day as people write it: 14 September 2026, 14 Sep 2026, September 14, 2026, 14.9.2026, 14/9/2026, 2026-09-14.
 * Two numbers before a year that could each be the month are read by the custom of whoever wrote them, and where that is
 * not known, not at all.
 */
final class DayText
{
    private const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

    /**
     * @param  ?bool  $monthFirst  the custom of the writer for 9/4/2026; null where it is not known
     * @return ?string  year-month-day; null of what is no day of the calendar
     */
    public static function read(string $text, ?bool $monthFirst = null): ?string
    {
        $text = trim($text);
        $number = '(\d{1,2})';

        return match (true) {
            preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $text, $part) === 1 => self::day((int) $part[1], (int) $part[2], (int) $part[3]),
            preg_match("/^{$number}(?:st|nd|rd|th)?[ .-]+([a-z]{3,9})\\.?,?[ -]+(\\d{4})$/i", $text, $part) === 1 => self::day((int) $part[3], self::month($part[2]), (int) $part[1]),
            preg_match("/^([a-z]{3,9})\\.? +{$number}(?:st|nd|rd|th)?,? +(\\d{4})$/i", $text, $part) === 1 => self::day((int) $part[3], self::month($part[1]), (int) $part[2]),
            preg_match("/^{$number}\\. ?{$number}\\. ?(\\d{4})$/", $text, $part) === 1 => self::day((int) $part[3], (int) $part[2], (int) $part[1]),
            preg_match("/^{$number}\\/{$number}\\/(\\d{4})$/", $text, $part) === 1 => self::slashed((int) $part[1], (int) $part[2], (int) $part[3], $monthFirst),
            default => null,
        };
    }

    /** @return ?string  month-day of any year: 04-30, 30 April, April 30, 30.4. */
    public static function ofYear(string $text): ?string
    {
        $text = trim($text);
        if (preg_match('/^(\d{2})-(\d{2})$/', $text, $part) === 1) {
            $text = "2000-$part[1]-$part[2]";
        } else {
            $text = rtrim($text, '. ').(preg_match('/^\d{1,2}\. ?\d{1,2}\.?$/', $text) === 1 ? '.2000' : ' 2000');
        }
        $day = self::read($text);

        return $day === null ? null : substr($day, 5);
    }

    private static function slashed(int $one, int $other, int $year, ?bool $monthFirst): ?string
    {
        // A number above twelve settles it; so do two that are the same.
        $first = $other > 12 || $one === $other ? true : ($one > 12 ? false : $monthFirst);

        return $first === null ? null : ($first ? self::day($year, $one, $other) : self::day($year, $other, $one));
    }

    private static function month(string $name): int
    {
        $at = array_search(mb_strtolower(substr($name, 0, 3)), self::MONTHS, true);

        return $at === false ? 0 : $at + 1;
    }

    private static function day(int $year, int $month, int $day): ?string
    {
        return checkdate($month, $day, $year) ? sprintf('%04d-%02d-%02d', $year, $month, $day) : null;
    }
}
