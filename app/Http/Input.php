<?php

declare(strict_types=1);

namespace App\Http;

use App\Clock;
use App\Voice\Speaking;
use App\Voice\UnitSystem;
use App\Words\RefusalWords;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Fields\DayText;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Values;

/** Reads what was typed into a form by the fields it was made of, and names everything that is wrong at its field. */
final class Input
{
    /**
     * @param  array<array-key, mixed>  $given
     *
     * @throws ValidationException
     */
    public static function read(FieldList $fields, array $given): Values
    {
        $given = self::inCoreUnits($fields, $given);
        $faults = $fields->faults($given);
        if ($faults !== []) {
            throw ValidationException::withMessages(self::messages($faults));
        }

        return $fields->read($given);
    }

    /**
     * A bare number that was typed is in the keeper's own units; one that a program sends is in °C, g and m.
     *
     * @param  array<array-key, mixed>  $given
     * @return array<array-key, mixed>
     */
    public static function inCoreUnits(FieldList $fields, array $given): array
    {
        $units = Speaking::forms()->units;
        foreach ($fields->fields as $key => $field) {
            if (is_string($given[$key] ?? null)) {
                $given[$key] = self::typed($field, $given[$key], $units);
            } elseif (is_array($given[$key] ?? null)) {
                $given[$key] = array_map(static fn (mixed $one): mixed => is_string($one) ? self::typed($field, $one, $units) : $one, $given[$key]);
            }
        }

        return $given;
    }

    /** A share is typed in per cent, as its unit says. */
    public static function typed(Field $field, string $typed, UnitSystem $units): string
    {
        if ($field->type === FieldType::Date) {
            return DayText::read($typed, Speaking::forms()->monthFirst(), app(Clock::class)->now()) ?? $typed;
        }

        return $field->type === FieldType::Share && is_numeric(str_replace(',', '.', trim($typed))) ? trim($typed).' %' : $units->read($field, $typed);
    }

    /**
     * @param  list<Refused>  $faults
     * @return array<string, string>
     */
    public static function messages(array $faults): array
    {
        $messages = [];
        foreach ($faults as $fault) {
            $messages[$fault->path] ??= RefusalWords::bounds($fault);
        }

        return $messages;
    }
}
