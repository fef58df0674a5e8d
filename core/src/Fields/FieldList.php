<?php

declare(strict_types=1);

namespace Marrow\Core\Fields;

/** The fields of one thing that is asked of a person, in the order of the form. */
final readonly class FieldList
{
    /** @param  array<string, Field>  $fields  by key */
    private function __construct(public array $fields) {}

    public static function of(Field ...$fields): self
    {
        $byKey = [];
        foreach ($fields as $field) {
            $byKey[$field->key] = $field;
        }

        return new self($byKey);
    }

    public function field(string $key): Field
    {
        return $this->fields[$key] ?? throw new \LogicException("There is no field $key.");
    }

    /**
     * Everything that was given, read. What is no field of the list is passed over.
     *
     * @param  array<array-key, mixed>  $given
     *
     * @throws Refused at the first field that cannot be so
     */
    public function read(array $given): Values
    {
        $values = [];
        foreach ($this->fields as $key => $field) {
            $values[$key] = $field->read($given[$key] ?? null);
        }

        return new Values($values);
    }

    /**
     * Everything that is wrong, not just the first.
     *
     * @param  array<array-key, mixed>  $given
     * @return list<Refused>
     */
    public function faults(array $given): array
    {
        $faults = [];
        foreach ($this->fields as $key => $field) {
            try {
                $field->read($given[$key] ?? null);
            } catch (Refused $refused) {
                $faults[] = $refused;
            }
        }

        return $faults;
    }
}
