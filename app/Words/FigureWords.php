<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\UnitSystem;
use Marrow\Core\Reckoning\Output;

/** The figures of a reckoning as they are said: with their unit, and with three digits at the most. */
final class FigureWords
{
    private const DIGITS = 3;

    /** @param  float|int|string|bool|list<float>|list<int>|list<string>|null  $value */
    public static function of(Output $output, float|int|string|bool|array|null $value, UnitSystem $units = UnitSystem::Metric): ?string
    {
        return match (true) {
            $value === null => null,
            is_bool($value) => $value ? 'yes' : 'no',
            is_string($value) => $value,
            is_array($value) => implode(', ', array_map(static fn (float|int|string $item): string => is_string($item) ? $item : self::bare($output, $item, $units), $value)).($value === [] ? '' : self::unit($output, $units)),
            default => self::bare($output, $value, $units).self::unit($output, $units),
        };
    }

    private static function bare(Output $output, float|int $value, UnitSystem $units): string
    {
        return self::number(match (true) {
            $output->unit === 'share' => $value * 100,
            $units->unit($output->unit) === $output->unit => $value,
            default => $units->fromCore($output->unit, $value),
        });
    }

    private static function unit(Output $output, UnitSystem $units): string
    {
        return match ($output->unit) {
            '' => '',
            'share' => "\u{00A0}%",
            default => "\u{00A0}".$units->unit($output->unit),
        };
    }

    private static function number(float|int $value): string
    {
        if (is_int($value)) {
            return number_format($value, 0, '.', "\u{00A0}");
        }
        if ($value !== 0.0 && abs($value) < 0.001) {
            return sprintf('%.2e', $value);
        }
        $digits = $value === 0.0 ? 0 : max(0, self::DIGITS - 1 - (int) floor(log10(abs($value))));
        $text = number_format($value, min(8, $digits), '.', "\u{00A0}");

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
