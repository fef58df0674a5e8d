<?php

declare(strict_types=1);

namespace App\Voice;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Year\YearTurn;

/** Months of any year as they are said. What the handbook has of a crop is said as this garden has it: in the south half a year on. */
final class Months
{
    private const NAMES = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];

    /** @param  int  $month  of this garden, 1 … 12 */
    public static function name(int $month): string
    {
        return self::NAMES[$month - 1];
    }

    /** "in March" or "from March to May", of the handbook's months for a crop. */
    public static function during(int $from, int $to, Crop $crop): string
    {
        return self::within(self::turn($crop), $from, $to);
    }

    /** The same of whatever grows here. */
    public static function ofYear(int $from, int $to): string
    {
        return self::within(Speaking::forms()->turn, $from, $to);
    }

    private static function within(YearTurn $turn, int $from, int $to): string
    {
        [$first, $last] = [self::name($turn->monthHere($from)), self::name($turn->monthHere(($to - 1) % 12 + 1))];

        return $first === $last ? "in $first" : "from $first to $last";
    }

    /** 6.4 → "mid June", of the handbook's year for a crop. */
    public static function part(float $month, Crop $crop): string
    {
        return self::partHere(self::turn($crop)->partHere($month));
    }

    private static function turn(Crop $crop): YearTurn
    {
        return Speaking::forms()->year->shiftOf($crop->growing)->turn;
    }

    /** The same of this garden's. */
    public static function partHere(float $month): string
    {
        $part = $month - floor($month);

        return ($part < 0.34 ? 'early ' : ($part < 0.67 ? 'mid ' : 'late ')).self::name(((int) floor($month) - 1) % 12 + 1);
    }
}
