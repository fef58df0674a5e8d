<?php

declare(strict_types=1);

namespace App\Voice;

/** Sentences that were written in metric units, by the core or in a crop's figures, in the units of whoever reads them. */
final class InUnits
{
    private const NB = "\u{00A0}";

    /** "Chill it a week at 5 °C" as it stands, or "Chill it a week at 41 °F"; "for every 10 °C" and "10 °C warmer" are changes, and become 18 °F. */
    public static function sentence(string $metric): string
    {
        $units = Speaking::forms()->units;
        if ($units === UnitSystem::Metric) {
            return $metric;
        }

        return (string) preg_replace_callback(
            '~(?<change>\bevery[\s\x{00A0}])?(?<from>[\x{2212}-]?(?:\d{1,3}(?:\x{00A0}\d{3})+|\d+(?:\.\d+)?))(?<to>(?<between>[\s\x{00A0}](?:to|and|or|by)[\s\x{00A0}]|\x{2013})(?<end>[\x{2212}-]?(?:\d{1,3}(?:\x{00A0}\d{3})+|\d+(?:\.\d+)?)))?[\s\x{00A0}](?<unit>°C|mm|cm|m|g)(?![\w²/])(?=(?<than>[\s\x{00A0}](?:colder|cooler|warmer)\b)?)~u',
            static function (array $part) use ($units): string {
                $here = static fn (string $figure): string => self::figure((float) str_replace(["\u{2212}", self::NB], ['-', ''], $figure), $part['unit'], $units, $part['change'] !== '' || ($part['than'] ?? '') !== '');

                return $part['change'].$here($part['from']).($part['to'] === '' ? '' : $part['between'].$here($part['end'])).self::NB.self::unit($part['unit'], $units);
            },
            $metric,
        );
    }

    /** A hole of a screen: "5 mm", or in 64ths of an inch, by which screens are called there: "13/64 in". */
    public static function hole(float $millimetres): string
    {
        if (Speaking::forms()->units === UnitSystem::Metric) {
            return rtrim(rtrim(number_format($millimetres, 2, '.', ''), '0'), '.').self::NB.'mm';
        }
        $parts = max(1, (int) round(UnitSystem::Us->fromCore('mm', $millimetres) * 64));

        return ($parts % 64 === 0 ? (string) intdiv($parts, 64) : "$parts/64").self::NB.'in';
    }

    private static function unit(string $unit, UnitSystem $units): string
    {
        return $units->unit($unit === 'cm' ? 'mm' : $unit);
    }

    private static function figure(float $value, string $unit, UnitSystem $units, bool $change): string
    {
        return match ($unit) {
            '°C' => str_replace('-', "\u{2212}", (string) round($units->fromCore($unit, $value, $change))),
            'mm' => Figures::round($units->fromCore('mm', $value), 2),
            'cm' => Figures::round($units->fromCore('mm', $value * 10), 2),
            default => Figures::round($units->fromCore($unit, $value), 3),
        };
    }
}
