<?php

declare(strict_types=1);

namespace App\Voice;

use Marrow\Core\Work\Later;

/** Figures in sentences: with their unit, and no more digits than anybody can use. */
final class Figures
{
    private const NB = "\u{00A0}";

    public static function mass(float $grams, UnitSystem $units): string
    {
        $here = $units->fromCore('g', $grams);

        return match (true) {
            $units === UnitSystem::Metric && $here >= 10_000 => self::round($here / 1000, 3).self::NB.'kg',
            $units === UnitSystem::Us && $here >= 160 => self::round($here / 16, 3).self::NB.'lb',
            default => self::round($here, 3).self::NB.$units->unit('g'),
        };
    }

    public static function temperature(float $celsius, UnitSystem $units): string
    {
        return self::trim(number_format($units->fromCore('°C', $celsius), 1, '.', '')).self::NB.$units->unit('°C');
    }

    /** Metres to the metre, and long ways to two figures. */
    public static function distance(float $metres, UnitSystem $units): string
    {
        $here = $units->fromCore('m', $metres);

        return self::round($here, $here < 10 ? 2 : 3).self::NB.$units->unit('m');
    }

    /** A stretch of time as it is spoken of: hours, days, months or years, roughly. */
    public static function days(float $days): string
    {
        $months = $days / Later::DAYS_A_MONTH;

        return match (true) {
            $days < 1 / 48 => 'less than an hour',
            $months > 6000 => 'more than 500'.self::NB.'years',
            $days < 1.5 => self::count((int) round($days * 24), 'hour'),
            $days < 60 => self::count((int) round($days), 'day'),
            $months < 24 => self::count((int) round($months), 'month'),
            $months < 120 => self::trim(number_format($months / 12, 1)).self::NB.'years',
            default => (int) round($months / 12).self::NB.'years',
        };
    }

    public static function hours(float $hours): string
    {
        return $hours < 48
            ? self::count((int) round($hours), 'hour')
            : self::trim(number_format($hours / 24, 1)).self::NB.'days';
    }

    public static function times(float $factor): string
    {
        return self::round($factor, 2).self::NB.'times';
    }

    public static function count(int $n, string $one, ?string $many = null): string
    {
        return number_format($n, 0, '.', self::NB).self::NB.($n === 1 ? $one : $many ?? $one.'s');
    }

    /** "about 8 %", but plainly "under 1 %". */
    public static function about(float $share): string
    {
        $said = Quantity::percent($share);

        return preg_match('/^\d/', $said) === 1 ? 'about '.$said : $said;
    }

    /** "at most 1 time in 20", for a chance that is kept below a bound. */
    public static function atMost(float $share): string
    {
        return ($share < 0.001 ? '' : 'at most ').self::oneIn($share);
    }

    /** "1 time in 37", for a small share; never "in 0". */
    public static function oneIn(float $share): string
    {
        return match (true) {
            $share <= 0.0 => 'never',
            $share < 0.001 => 'less than 1'.self::NB.'time in 1'.self::NB.'000',
            $share < 0.2 => '1'.self::NB.'time in '.self::round(1 / $share, 2),
            $share >= 1.0 => 'every time',
            $share > 0.995 => 'more than 99'.self::NB.'times in 100',
            default => round($share * 100).self::NB.'times in 100',
        };
    }

    /** To so many significant digits, with thin thousands. */
    public static function round(float $value, int $digits): string
    {
        if ($value === 0.0) {
            return '0';
        }
        $places = $digits - 1 - (int) floor(log10(abs($value)));
        $rounded = round($value, $places);

        return self::trim(number_format($rounded, max(0, $places), '.', self::NB));
    }

    private static function trim(string $number): string
    {
        return str_contains($number, '.') ? rtrim(rtrim($number, '0'), '.') : $number;
    }
}
