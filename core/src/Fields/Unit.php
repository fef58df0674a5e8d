<?php

declare(strict_types=1);

namespace Marrow\Core\Fields;

/** The units people write, and what they are in the unit that the core reckons in. */
final class Unit
{
    /** By the core's unit: as written => how many of the core's. */
    private const FACTORS = [
        'g' => ['g' => 1.0, 'gram' => 1.0, 'kg' => 1000.0, 'mg' => 0.001, 'dkg' => 10.0, 'dag' => 10.0, 'oz' => 28.349523125, 'ounce' => 28.349523125, 'lb' => 453.59237, 'pound' => 453.59237],
        'm' => ['m' => 1.0, 'metre' => 1.0, 'meter' => 1.0, 'km' => 1000.0, 'cm' => 0.01, 'mm' => 0.001, 'ft' => 0.3048, 'foot' => 0.3048, 'feet' => 0.3048, 'yd' => 0.9144, 'in' => 0.0254, 'inch' => 0.0254, 'inches' => 0.0254],
        'mm' => ['mm' => 1.0, 'cm' => 10.0, 'm' => 1000.0, 'in' => 25.4, 'inch' => 25.4, 'inches' => 25.4],
        'days' => ['d' => 1.0, 'day' => 1.0, 'h' => 1 / 24, 'hour' => 1 / 24, 'week' => 7.0, 'year' => 365.25],
        'h' => ['h' => 1.0, 'hour' => 1.0, 'min' => 1 / 60, 'minute' => 1 / 60, 'd' => 24.0, 'day' => 24.0],
        'minutes' => ['min' => 1.0, 'minute' => 1.0, 'h' => 60.0, 'hour' => 60.0],
        'years' => ['year' => 1.0, 'yr' => 1.0],
        'share' => ['%' => 0.01, 'per cent' => 0.01, 'percent' => 0.01],
        '%' => ['%' => 1.0, 'per cent' => 1.0, 'percent' => 1.0],
        '% RH' => ['%' => 1.0, '% rh' => 1.0, 'rh' => 1.0, 'per cent' => 1.0, 'percent' => 1.0],
    ];

    /** @return ?float null when that unit is not one of this field */
    public static function into(Field $field, float $value, string $unit): ?float
    {
        if ($unit === '' || $unit === mb_strtolower($field->unit)) {
            return $value;
        }
        if ($field->unit === '°C') {
            return match (rtrim(str_replace(['°', 'degrees', ' '], '', $unit), 's')) {
                'c', 'celsiu', '' => $value,
                'f', 'fahrenheit' => ($value - 32.0) * 5.0 / 9.0,
                default => null,
            };
        }
        if ($field->unit === '°') {
            return match (trim(str_replace(['°', 'degrees', 'degree', 'deg'], '', $unit))) {
                '', 'n', 'north', 'e', 'east' => $value,
                's', 'south', 'w', 'west' => -abs($value),
                default => null,
            };
        }
        $factors = self::FACTORS[$field->unit] ?? [];
        $factor = $factors[$unit] ?? $factors[rtrim($unit, '.')] ?? $factors[rtrim($unit, 's.')] ?? null;
        if ($factor !== null) {
            // 57 % is 0.57, and not the little more that 57 times a hundredth comes to.
            return $field->unit === 'share' ? round($value * $factor, 12) : $value * $factor;
        }

        // "30 plants", where plants are asked for.
        return array_any([$field->noun, ...$field->nouns()], static fn (string $noun): bool => $noun !== '' && ($unit === $noun || $unit === $noun.'s')) ? $value : null;
    }

    /**
     * The unit of a field that a word is one slip of the hand away from: "gramms", "minuts".
     *
     * @param  \Closure(string, string): bool  $areAlike
     * @return ?string null where there is none
     */
    public static function meantBy(Field $field, string $word, \Closure $areAlike): ?string
    {
        $words = [...array_map(strval(...), array_keys(self::FACTORS[$field->unit] ?? [])), ...($field->unit === '°C' ? ['celsius', 'fahrenheit'] : []), ...$field->nouns()];
        foreach ($words as $unit) {
            if ($areAlike($word, $unit) || $areAlike($word, "{$unit}s")) {
                return $unit;
            }
        }

        return null;
    }

    /** Whether it is a unit of anything. */
    public static function isKnown(string $unit): bool
    {
        return array_any(self::FACTORS, static fn (array $factors): bool => isset($factors[$unit]) || isset($factors[rtrim($unit, 's.')])) || in_array($unit, ['c', 'f', 'celsius', 'fahrenheit'], true);
    }

    /** @return list<string> the usual ways to write it */
    public static function written(Field $field): array
    {
        return match ($field->unit) {
            'g' => ['g', 'kg', 'oz', 'lb'],
            '°C' => ['°C', '°F'],
            'm' => ['m', 'cm', 'ft'],
            'mm' => ['mm', 'cm', 'in'],
            'share', '%', '% RH' => ['%'],
            '' => [],
            default => [$field->unit],
        };
    }
}
