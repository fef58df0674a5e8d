<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use App\Voice\Speaking;
use App\Voice\UnitSystem;
use DateTimeImmutable;
use Marrow\Core\Fields\Choice;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;

/** What an entry says, from the parts of its kind: a part of which a figure is missing is left out. */
final readonly class EntryWords
{
    /** A whole number that cannot be less than this is a year. */
    private const YEARS = 1000;

    /** @param  array<string, string>  $names  what ids are called, by id */
    public function __construct(private array $names = []) {}

    public function figures(Kind $kind, Payload $payload): string
    {
        return implode(', ', $this->parts($kind, $payload));
    }

    /** @return list<string> */
    public function parts(Kind $kind, Payload $payload): array
    {
        $parts = [];
        foreach ($kind->says as $part) {
            $said = $this->part($part, $kind, $payload);
            if ($said !== null) {
                $parts[] = $said;
            }
        }

        // What one part says already, and more, another need not say again: "from L2" beside "from L2, the larger seeds".
        $parts = array_values(array_filter($parts, static fn (string $part): bool => array_filter($parts, static fn (string $other): bool => $other !== $part && str_starts_with($other, $part)) === []));

        return array_values(array_unique($parts));
    }

    private function part(string $part, Kind $kind, Payload $payload): ?string
    {
        $missing = false;
        $each = '';
        $said = preg_replace_callback('/\{(\w+)\}/', function (array $found) use ($kind, $payload, &$missing, &$each): string {
            $held = $kind->value($payload, $found[1]);
            $value = $this->value($kind->fields->field($found[1]), $held);
            $each = self::each($kind->fields->field($found[1]), $held);
            $missing = $missing || $value === '';

            return $value;
        }, $part);

        // "1 × 10 seeds" is 10 seeds.
        return $missing ? null : preg_replace('/^1 × /', '', (string) $said).$each;
    }

    private function value(Field $field, mixed $value): string
    {
        return match (true) {
            $value === null, $value === false, $value === '', $value === [] => '',
            is_array($value) => $this->several($field, $value),
            $value instanceof Choice => $value->label(),
            $field->type === FieldType::Choice && is_string($value) => $field->options[$value] ?? $value,
            $field->type === FieldType::Date && is_string($value) => Speaking::forms()->day(new DateTimeImmutable($value)),
            $value === true => mb_strtolower($field->label),
            $field->type === FieldType::Reference => is_string($value) ? $this->names[$value] ?? '' : '',
            is_int($value) || is_float($value) => self::number($field, $value),
            default => is_scalar($value) ? (string) $value : '',
        };
    }

    private static function number(Field $field, int|float $value): string
    {
        return match (true) {
            $field->type === FieldType::Share => Quantity::percent((float) $value),
            $field->unit === 'g' => Quantity::weighed((float) $value),
            $field->unit === 'm' => Speaking::forms()->units === UnitSystem::Us ? PlanWords::metres((float) $value) : Field::show($value)."\u{00A0}m",
            $field->unit === '°C' => Quantity::temperature((float) $value),
            $field->unit === '% RH' => round((float) $value)."\u{00A0}% RH",
            $field->unit === '%' => is_int($value) ? Quantity::percent($value / 100) : Quantity::moisture((float) $value),
            $field->noun !== '' => Quantity::number((int) $value, $field->noun, self::plural($field->noun)),
            default => Field::show($value),
        };
    }

    /**
     * Counts of several dishes add up; nothing in any of them is nothing said of the abnormal.
     *
     * @param  array<array-key, mixed>  $values
     */
    private function several(Field $field, array $values): string
    {
        if ($field->type === FieldType::Integer && $field->min >= self::YEARS) {
            return self::years(array_values(array_filter($values, is_int(...))));
        }
        if ($field->type === FieldType::Integer && ! $field->isName) {
            $sum = array_sum(array_filter($values, is_int(...)));

            return $sum === 0 && $field->usual === 0 ? '' : ($field->noun === '' ? (string) $sum : self::number($field, $sum));
        }

        return implode(', ', array_map(fn (mixed $one): string => $this->value($field, $one), $values));
    }

    /**
     * Years add up to nothing: they are named, those that follow one another by the first and the last.
     *
     * @param  list<int>  $years
     */
    private static function years(array $years): string
    {
        $last = count($years) - 1;

        return $last > 1 && $years === range($years[0], $years[0] + $last) ? "$years[0] to $years[$last]" : implode(', ', $years);
    }

    /** What each dish had, behind the sum. */
    private static function each(Field $field, mixed $values): string
    {
        if ($field->min >= self::YEARS || $field->isName) {
            return '';
        }
        $several = is_array($values) ? array_values(array_filter($values, is_int(...))) : [];

        return $field->type === FieldType::Integer && count($several) > 1 && $field->usual !== 0 ? ' ('.implode(' + ', $several).')' : '';
    }

    private static function plural(string $noun): string
    {
        return $noun === 'fruit, pod or head' ? 'fruits, pods or heads' : $noun.'s';
    }
}
