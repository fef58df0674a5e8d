<?php

declare(strict_types=1);

namespace App\Voice;

use Marrow\Core\Statistics\Interval;

/** Figures as a gardener says them: with their unit, and no more digits than are known. */
final class Quantity
{
    /** A figure and its unit stay on one line. */
    private const NB = "\u{00A0}";

    public static function percent(float $share): string
    {
        // 99.6 % is not all of it, and 0.4 % is not none.
        if ($share > 0.995 && $share < 1.0) {
            return 'over 99'.self::NB.'%';
        }
        if ($share > 0.0 && $share < 0.005) {
            return 'under 1'.self::NB.'%';
        }

        return round($share * 100).self::NB.'%';
    }

    /** Small shares to a tenth of a per cent, where that is what matters: 0.5 % is not 1 %. */
    public static function finePercent(float $share): string
    {
        return match (true) {
            $share >= 0.1 => self::percent($share),
            $share > 0.0 && $share < 0.0005 => 'under 0.1'.self::NB.'%',
            default => self::decimal(round($share * 100, 1)).self::NB.'%',
        };
    }

    public static function likely(Interval $limits): string
    {
        if ($limits->high < 0.005) {
            return 'likely '.self::percent($limits->high);
        }

        return sprintf('likely %d to %d'.self::NB.'%%', (int) round($limits->low * 100), (int) round($limits->high * 100));
    }

    /** "1.6": one decimal, and no unit. */
    public static function decimal(float $figure): string
    {
        return self::trim(number_format($figure, 1, '.', ''));
    }

    public static function moisture(float $percent): string
    {
        return number_format($percent, 1).self::NB.'%';
    }

    public static function grams(float $grams): string
    {
        if (Speaking::forms()->units === UnitSystem::Us) {
            $ounces = UnitSystem::Us->fromCore('g', $grams);

            return $ounces >= 32
                ? number_format($ounces / 16, 1).self::NB.'lb'
                : self::trim(number_format($ounces, $ounces >= 10 ? 1 : ($ounces >= 1 ? 2 : 3), '.', '')).self::NB.'oz';
        }

        return match (true) {
            $grams >= 10_000 => number_format($grams / 1000, 1).self::NB.'kg',
            $grams >= 100 => number_format($grams, 0, '.', self::NB).self::NB.'g',
            $grams >= 1 => self::trim(number_format($grams, 1, '.', '')).self::NB.'g',
            default => self::trim(number_format($grams, 3, '.', '')).self::NB.'g',
        };
    }

    /** A mass as it was weighed, not rounded: a record, not a reckoning. */
    public static function weighed(float $grams): string
    {
        return Speaking::forms()->units === UnitSystem::Us
            ? self::trim(number_format(UnitSystem::Us->fromCore('g', $grams), 3, '.', self::NB)).self::NB.'oz'
            : self::trim(number_format($grams, 3, '.', self::NB)).self::NB.'g';
    }

    /**
     * A count as it was counted.
     *
     * @param  string  $unit  what is counted, where it is no seed
     */
    public static function seeds(float $seeds, string $unit = 'seed'): string
    {
        $n = (int) floor($seeds + 1e-6);

        return number_format($n, 0, '.', self::NB).self::NB.$unit.($n === 1 ? '' : 's');
    }

    /** A count as it was counted, or a rough one where it was reckoned. */
    public static function seedsOf(float $seeds, bool $isCounted, string $unit = 'seed'): string
    {
        return $isCounted ? self::seeds($seeds, $unit) : self::roughSeeds($seeds, $unit);
    }

    /** A count that was reckoned from a weight: two figures are all that it is good for. */
    public static function roughSeeds(float $seeds, string $unit = 'seed'): string
    {
        if ($seeds < 20) {
            return 'about '.self::seeds(round($seeds), $unit);
        }
        $step = 10 ** (int) (floor(log10($seeds)) - 1);

        return 'about '.self::seeds(round($seeds / $step) * $step, $unit);
    }

    /** "first" to "sixth", then "7th": of seasons and days, which never go as far as 21. */
    public static function ordinal(int $n): string
    {
        return ['first', 'second', 'third', 'fourth', 'fifth', 'sixth'][$n - 1] ?? $n.'th';
    }

    public static function hours(float $hours): string
    {
        return round($hours).self::NB.'h';
    }

    public static function days(float $days): string
    {
        $text = self::trim(number_format($days, 1));

        return $text.self::NB.($text === '1' ? 'day' : 'days');
    }

    public static function temperature(float $celsius): string
    {
        $units = Speaking::forms()->units;

        $shown = self::trim(number_format($units->fromCore('°C', $celsius), $units === UnitSystem::Us ? 0 : 1));

        // A minus, not a hyphen.
        return str_replace('-', "\u{2212}", $shown).self::NB.$units->unit('°C');
    }

    /** "1.2 MB"; of files. */
    public static function bytes(int $bytes): string
    {
        return $bytes < 1_000_000 ? max(1, (int) round($bytes / 1000)).self::NB.'kB' : self::trim(number_format($bytes / 1e6, 1)).self::NB.'MB';
    }

    public static function number(int $n, string $one, ?string $many = null): string
    {
        return number_format($n, 0, '.', self::NB).self::NB.($n === 1 ? $one : $many ?? $one.'s');
    }

    private static function trim(string $number): string
    {
        return str_contains($number, '.') ? rtrim(rtrim($number, '0'), '.') : $number;
    }
}
