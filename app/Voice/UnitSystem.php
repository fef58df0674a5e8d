<?php

declare(strict_types=1);

namespace App\Voice;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Fields\NumberText;
use Marrow\Core\Fields\Reading;
use Marrow\Core\Fields\Refused;

/** Metric, or US customary: what a person types and reads. The core knows metric alone. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case Us = 'us';

    private const GRAMS_AN_OUNCE = 28.349523125;

    private const METRES_A_FOOT = 0.3048;

    private const MILLIMETRES_AN_INCH = 25.4;

    /** A unit of the core as it is called here. */
    public function unit(string $unit): string
    {
        return $this === self::Metric ? $unit : match ($unit) {
            '°C' => '°F',
            'g' => 'oz',
            'm' => 'ft',
            'mm' => 'in',
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
            'mm' => $value / self::MILLIMETRES_AN_INCH,
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
            'mm' => $value * self::MILLIMETRES_AN_INCH,
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
                    $parts[2] = $this->number(Field::number('temperature', 'Temperature', '°C', -1e6, 1e6), $parts[2]);
                }

                return implode(':', $parts);
            }, explode(',', $typed)));
        }

        if ($input->each === null) {
            return $this->number($input, $typed);
        }
        $parts = array_map(fn (string $part): string => $this->number($input, $part), Reading::split($typed));

        // What was left as typed may have a comma within.
        return implode(array_filter($parts, static fn (string $part): bool => str_contains($part, ',')) === [] ? ',' : ';', $parts);
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

    /** A bare number is in the keeper's own unit, however it was typed: "½", "1 1/2", "11,5"; one with a unit behind it is in that. */
    private function number(Field $input, string $typed): string
    {
        if ($this->unit($input->unit) === $input->unit || preg_match('/^[\s\d.,\/+\x{2212}-]*[\d½¼¾⅓⅔⅛⅜⅝⅞][\s\d.,\/½¼¾⅓⅔⅛⅜⅝⅞]*$/u', $typed) !== 1) {
            return $typed;
        }
        try {
            $value = NumberText::read($typed, Field::number('typed', 'What was typed', '', -1e12, 1e12));
        } catch (Refused) {
            // What is no number, or can be read in two ways, is refused as such where it was typed.
            return $typed;
        }

        return sprintf('%.12G', $this->toCore($input->unit, $value, self::isChange($input)));
    }

    private static function digits(float $value, int $most): string
    {
        return rtrim(rtrim(number_format($value, $most, '.', ''), '0'), '.');
    }
}
