<?php

declare(strict_types=1);

namespace App\Voice;

use Marrow\Core\Fields\Choice;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;

/** What a field holds, in words, for whatever is set: a setting, a figure of the handbook. */
final class FieldValue
{
    public static function said(Field $field, mixed $value): string
    {
        $units = Speaking::forms()->units;

        return match (true) {
            $value === null, $value === '' => $field->options[''] ?? 'not set',
            $value instanceof Choice => $value->label(),
            $field->type === FieldType::Choice && is_scalar($value) => $field->options[(string) $value] ?? (string) $value,
            $field->type === FieldType::YearDay && is_string($value) => Speaking::forms()->anyYear(new \DateTimeImmutable("2001-$value")),
            $field->type === FieldType::Share && is_numeric($value) => Field::show(round((float) $value * 100, 4))."\u{00A0}%",
            is_int($value) || is_float($value) => trim(Field::show(round($units->fromCore($field->unit, (float) $value), 2))."\u{00A0}".$units->unit($field->unit)),
            default => is_scalar($value) ? (string) $value : '',
        };
    }
}
