<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Things\GardenFields;
use Marrow\Core\Things\InstrumentFields;
use Marrow\Core\Things\Registered;

/** Fields as schemas of the API: the same definitions that every form is made from. */
final class FieldSchemas
{
    /** @return array<string, array<string, mixed>> by name */
    public static function all(): array
    {
        $payloads = [];
        foreach (Registered::kinds()->all() as $kind) {
            $payloads[self::name($kind)] = ['title' => $kind->title, ...self::of($kind->fields)];
        }
        $id = ['id' => ['type' => 'string', 'format' => 'uuid']];

        return [
            ...$payloads,
            'EntryPayload' => ['description' => 'by kind, see the schema of that name', 'anyOf' => array_map(static fn (string $name): array => ['$ref' => "#/components/schemas/$name"], array_keys($payloads))],
            'TypedPart' => ['description' => 'by field, as it would be typed', 'type' => 'object', 'additionalProperties' => ['type' => ['string', 'boolean']]],
            'VarietyRequest' => self::of(GardenFields::variety(), $id),
            'CropRequest' => self::of(GardenFields::crop()),
            'PlaceRequest' => self::of(GardenFields::place(), $id),
            'ContainerRequest' => self::of(GardenFields::container(), $id),
            'InstrumentRequest' => self::of(InstrumentFields::all(), $id),
        ];
    }

    private static function name(Kind $kind): string
    {
        return 'Entry'.str_replace('_', '', ucwords($kind->name, '_'));
    }

    /**
     * @param  array<string, array<string, mixed>>  $more
     * @return array<string, mixed>
     */
    private static function of(FieldList $fields, array $more = []): array
    {
        $properties = $more;
        $required = [];
        foreach ($fields->fields as $key => $field) {
            $properties[$key] = self::property($field);
            if ($field->required) {
                $required[] = $key;
            }
        }

        return ['type' => 'object', ...($required === [] ? [] : ['required' => $required]), ...($properties === [] ? [] : ['properties' => $properties])];
    }

    /** @return array<string, mixed> a number may also be sent as it was typed */
    private static function property(Field $field): array
    {
        $one = match (true) {
            $field->type->isNumeric() => ['type' => ['number', 'string'], 'minimum' => $field->min, 'maximum' => $field->max],
            $field->type === FieldType::Flag => ['type' => 'boolean'],
            $field->type === FieldType::Choice => ['type' => 'string', 'enum' => array_map(strval(...), array_keys($field->options))],
            $field->max > 0 => ['type' => 'string', 'maxLength' => (int) $field->max],
            default => ['type' => 'string'],
        };
        if (! $field->required && $field->type !== FieldType::Flag) {
            $one['nullable'] = true;
        }
        $words = trim($field->label.($field->unit === '' ? '' : ", $field->unit"));

        return $field->each === null ? ['description' => $words, ...$one] : ['description' => $words, 'type' => 'array', 'items' => $one];
    }
}
