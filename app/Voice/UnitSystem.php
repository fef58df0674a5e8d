<?php

declare(strict_types=1);

namespace App\Voice;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;

/** Metric, or US customary: what a person types and reads. The core knows metric alone. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case Us = 'us';

    private const GRAMS_AN_OUNCE = 28.349523125;

    private const METRES_A_FOOT = 0.3048;

    /** A unit of the core as it is called here. */
    public function unit(string $unit): string
    {
        return $this === self::Metric ? $unit : match ($unit) {
            '°C' => '°F',
            'g' => 'oz',
            'm' => 'ft',
            default => $unit,
        };
    }

    /** @param  bool  $change  a difference of temperatures, not a temperature */
    public function fromCore(string $unit, float $value, bool $change = false): float
    {
        return $this === self::Metric ? $value : match ($unit) {
            '°C' => $value * 1.8 + ($change ? 0.0 : 32.0),
            'g' => $value / self::GRAMS_AN_OUNCE,
            'm' => $value / self::METRES_A_FOOT,
            default => $value,
        };
    }

    /** @param  bool  $change  a difference of temperatures, not a temperature */
    public function toCore(string $unit, float $value, bool $change = false): float
    {
        return $this === self::Metric ? $value : match ($unit) {
            '°C' => ($value - ($change ? 0.0 : 32.0)) / 1.8,
            'g' => $value * self::GRAMS_AN_OUNCE,
            'm' => $value * self::METRES_A_FOOT,
            default => $value,
        };
    }

    /** What was typed for an input, in the core's units. What is no number is left as it was typed, to be refused as such. */
    public function read(Field $input, string $typed): string
    {
        if ($this === self::Metric) {
            return $typed;
        }
        if ($input->type === FieldType::Segments) {
            return implode(',', array_map(function (string $segment): string {
                $parts = explode(':', $segment);
                if (isset($parts[2])) {
                    $parts[2] = $this->number('°C', $parts[2], false);
                }

                return implode(':', $parts);
            }, explode(',', $typed)));
        }

        return implode(',', array_map(fn (string $part): string => $this->number($input->unit, $part, self::isChange($input)), explode(',', $typed)));
    }

    /**
     * A recorded figure as it would be typed: exactly what it was, so with its unit where that is not the keeper's own.
     */
    public function typed(Field $field, mixed $value): mixed
    {
        return match (true) {
            is_array($value) => array_map(fn (mixed $one): mixed => $this->typed($field, $one), $value),
            ! is_int($value) && ! is_float($value) => $value,
            $field->type === FieldType::Share => sprintf('%.12G %%', $value * 100),
            $this->unit($field->unit) !== $field->unit => sprintf('%.12G %s', $value, $field->unit),
            default => $value,
        };
    }

    /** A bound of an input as a person reads it here. */
    public function bound(Field $input, float $bound): string
    {
        return $this === self::Metric
            ? self::digits($bound, 6)
            : self::digits($this->fromCore($input->unit, $bound, self::isChange($input)), 4);
    }

    public static function isChange(Field $input): bool
    {
        return str_ends_with($input->key, '_change');
    }

    private function number(string $unit, string $typed, bool $change): string
    {
        $text = trim($typed);

        return is_numeric($text) && $this->unit($unit) !== $unit
            ? sprintf('%.12G', $this->toCore($unit, (float) $text, $change))
            : $typed;
    }

    private static function digits(float $value, int $most): string
    {
        return rtrim(rtrim(number_format($value, $most, '.', ''), '0'), '.');
    }
}
