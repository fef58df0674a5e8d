<?php

declare(strict_types=1);

namespace Marrow\Core\Fields;

use DateTimeImmutable;

/**
 * A day as people write it: 14 September 2026, 14 Sep 2026, September 14, 2026, 14.9.2026, 14.9.26, 14/9/2026, 2026-09-14; and
 * where it is known which day it is: today, yesterday, Monday, 3 days ago, 14 September, 14.9.
 * Two numbers before a year that could each be the month are read by the custom of whoever wrote them, and where that is
 * not known, not at all.
 */
final class DayText
{
    private const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

    private const DAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];

    /** Years of two figures up to this are of this century. */
    private const THIS_CENTURY = 79;

    /**
     * @param  ?bool  $monthFirst  the custom of the writer for 9/4/2026; null where it is not known
     * @param  ?DateTimeImmutable  $today  where it is known
     * @param  DayOf  $of  which of several years is meant where none is given
     * @return ?string  year-month-day; null of what is no day of the calendar
     */
    public static function read(string $text, ?bool $monthFirst = null, ?DateTimeImmutable $today = null, DayOf $of = DayOf::Nearest): ?string
    {
        $text = trim($text);
        $number = '(\d{1,2})';

        return match (true) {
            preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $text, $part) === 1 => self::day((int) $part[1], (int) $part[2], (int) $part[3]),
            preg_match("/^{$number}(?:st|nd|rd|th)?[ .-]+([a-z]{3,9})\\.?,?[ -]+(\\d{4})$/i", $text, $part) === 1 => self::day((int) $part[3], self::month($part[2]), (int) $part[1]),
            preg_match("/^([a-z]{3,9})\\.? +{$number}(?:st|nd|rd|th)?,? +(\\d{4})$/i", $text, $part) === 1 => self::day((int) $part[3], self::month($part[1]), (int) $part[2]),
            preg_match("/^{$number}\\. ?{$number}\\. ?(\\d{4}|\\d{2})$/", $text, $part) === 1 => self::day(self::year($part[3]), (int) $part[2], (int) $part[1]),
            preg_match("/^{$number}\\/{$number}\\/(\\d{4}|\\d{2})$/", $text, $part) === 1 => self::slashed((int) $part[1], (int) $part[2], self::year($part[3]), $monthFirst),
            $today !== null => self::from($text, $monthFirst, $today, $of),
            default => null,
        };
    }

    /** As it is said from today. */
    private static function from(string $text, ?bool $monthFirst, DateTimeImmutable $today, DayOf $of): ?string
    {
        $today = $today->setTime(12, 0);
        $word = mb_strtolower($text);
        $days = ['today' => 0, 'now' => 0, 'yesterday' => -1, 'the day before yesterday' => -2, 'day before yesterday' => -2, 'tomorrow' => 1][$word] ?? null;
        if ($days === null && preg_match('/^(a|an|\d{1,3}) (day|week)s? ago$/', $word, $part) === 1) {
            $days = -($part[1] === 'a' || $part[1] === 'an' ? 1 : (int) $part[1]) * ($part[2] === 'week' ? 7 : 1);
        }
        if ($days === null && preg_match('/^(?:(last|next) )?([a-z]{3,9})$/', $word, $part) === 1) {
            $days = self::toWeekday($part[2], (int) $today->format('N'), match ($part[1]) {
                'last' => DayOf::Past,
                'next' => DayOf::ToCome,
                default => $of,
            });
        }
        if ($days !== null) {
            return $today->modify(sprintf('%+d days', $days))->format('Y-m-d');
        }
        $written = preg_match('#^\d{1,2}\.? ?[a-z]|^[a-z]{3,9}\.? \d|^\d{1,2}\. ?\d{1,2}\.?$|^\d{1,2}/\d{1,2}$#i', $text) === 1;

        return $written ? self::inSomeYear(rtrim($text, '. '), $monthFirst, $today, $of) : null;
    }

    private static function toWeekday(string $name, int $today, DayOf $of): ?int
    {
        foreach (self::DAYS as $i => $day) {
            if ($name === $day || $name === substr($day, 0, 3)) {
                $ahead = ($i + 1 - $today + 7) % 7;

                // One does not say the name of today's day for today.
                return match ($of) {
                    DayOf::ToCome => $ahead === 0 ? 7 : $ahead,
                    default => $ahead === 0 ? -7 : $ahead - 7,
                };
            }
        }

        return null;
    }

    private static function inSomeYear(string $text, ?bool $monthFirst, DateTimeImmutable $today, DayOf $of): ?string
    {
        $found = null;
        foreach ([-1, 0, 1] as $more) {
            $year = (int) $today->format('Y') + $more;
            $day = self::read($text.(str_contains($text, '/') ? "/$year" : (preg_match('/^\d{1,2}\. ?\d{1,2}$/', $text) === 1 ? ".$year" : " $year")), $monthFirst);
            if ($day === null) {
                continue;
            }
            $far = (int) $today->diff(new DateTimeImmutable("$day 12:00", $today->getTimezone()))->format('%r%a');
            $fits = match ($of) {
                DayOf::Past => $far <= 0,
                DayOf::ToCome => $far >= 0,
                DayOf::Nearest => true,
            };
            if ($fits && ($found === null || abs($far) < abs($found[1]))) {
                $found = [$day, $far];
            }
        }

        return $found[0] ?? null;
    }

    private static function year(string $figures): int
    {
        return strlen($figures) === 4 ? (int) $figures : (int) $figures + ((int) $figures <= self::THIS_CENTURY ? 2000 : 1900);
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
