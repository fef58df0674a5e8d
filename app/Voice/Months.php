<?php

declare(strict_types=1);

namespace App\Voice;

/** Months of any year as they are said. What the handbook has is said as this garden has it: in the south half a year on. */
final class Months
{
    private const NAMES = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];

    /** @param  int  $month  of this garden, 1 … 12 */
    public static function name(int $month): string
    {
        return self::NAMES[$month - 1];
    }

    /** "in March" or "from March to May", of the handbook's months. */
    public static function during(int $from, int $to): string
    {
        $turn = Speaking::forms()->turn;
        [$first, $last] = [self::name($turn->monthHere($from)), self::name($turn->monthHere(($to - 1) % 12 + 1))];

        return $first === $last ? "in $first" : "from $first to $last";
    }

    /** 6.4 → "mid June", of the handbook's year. */
    public static function part(float $month): string
    {
        return self::partHere(Speaking::forms()->turn->partHere($month));
    }

    /** The same of this garden's. */
    public static function partHere(float $month): string
    {
        $part = $month - floor($month);

        return ($part < 0.34 ? 'early ' : ($part < 0.67 ? 'mid ' : 'late ')).self::name(((int) floor($month) - 1) % 12 + 1);
    }
}
