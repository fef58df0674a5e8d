<?php

declare(strict_types=1);

namespace App\Voice;

/** Months of any year as they are said. */
final class Months
{
    private const NAMES = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];

    /** @param  int  $month  1 … 12 */
    public static function name(int $month): string
    {
        return self::NAMES[$month - 1];
    }

    /** "in March" or "from March to May". */
    public static function during(int $from, int $to): string
    {
        return $from === $to ? 'in '.self::name($from) : 'from '.self::name($from).' to '.self::name($to);
    }

    /** 6.4 → "mid June". */
    public static function part(float $month): string
    {
        $part = $month - floor($month);

        return ($part < 0.34 ? 'early ' : ($part < 0.67 ? 'mid ' : 'late ')).self::name(((int) floor($month) - 1) % 12 + 1);
    }
}
