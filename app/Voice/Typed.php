<?php

declare(strict_types=1);

namespace App\Voice;

use DateTimeImmutable;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\FieldType;

/** What is kept, as the keeper would type it: in the keeper's own units and form of days. */
final class Typed
{
    /**
     * @param  array<array-key, mixed>  $kept  by field, in the units of the core
     * @return array<string, string|bool> empty where nothing is kept
     */
    public static function of(FieldList $fields, array $kept): array
    {
        $typed = [];
        foreach ($fields->fields as $key => $field) {
            $typed[$key] = self::one($field, $kept[$key] ?? null);
        }

        return $typed;
    }

    private static function one(Field $field, mixed $kept): string|bool
    {
        $forms = Speaking::forms();

        return match (true) {
            $field->type === FieldType::Flag => $kept === true,
            $field->type === FieldType::Date && is_string($kept) => $forms->day(new DateTimeImmutable($kept)),
            $field->type === FieldType::YearDay && is_string($kept) => $forms->anyYear(new DateTimeImmutable("2001-$kept")),
            is_int($kept) || is_float($kept) => self::number($field, (float) $kept, $forms->units),
            is_string($kept) => $kept,
            default => '',
        };
    }

    private static function number(Field $field, float $kept, UnitSystem $units): string
    {
        if ($field->type === FieldType::Share) {
            return Field::show($kept * 100);
        }

        return Field::show($units->unit($field->unit) === $field->unit ? $kept : round($units->fromCore($field->unit, $kept), 2));
    }
}
