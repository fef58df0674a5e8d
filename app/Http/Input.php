<?php

declare(strict_types=1);

namespace App\Http;

use App\Voice\Speaking;
use App\Words\RefusalWords;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Fields\FieldList;
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
                $given[$key] = $units->read($field, $given[$key]);
            } elseif (is_array($given[$key] ?? null)) {
                $given[$key] = array_map(static fn (mixed $one): mixed => is_string($one) ? $units->read($field, $one) : $one, $given[$key]);
            }
        }

        return $given;
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
