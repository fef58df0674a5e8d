<?php

declare(strict_types=1);

namespace Marrow\Core\Work;

use Marrow\Core\Fields\Each;
use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Kinds;
use Marrow\Core\Journal\Payload;

/** Something that can be recorded of a thing as it stands, with what is usual just now. */
final readonly class Offer
{
    /**
     * @param  int  $rank  the smaller, the likelier
     * @param  list<Field>  $fields  as they are asked for here
     * @param  string  $step  the step of the work that it is of, as its folder is called
     */
    private function __construct(public Kind $kind, public int $rank, public array $fields, public string $step, public ?string $act = null) {}

    /** @param  class-string<Payload>  $payload */
    public static function of(string $payload, int $rank): self
    {
        $kind = Kind::declared($payload);

        return new self($kind, $rank, array_values($kind->fields->fields), Kinds::stepOf($payload));
    }

    /** Another usual value than the kind has, from how the thing stands. */
    public function usually(string $key, string|float|int|null $value): self
    {
        return $this->changing($key, static fn (Field $field): Field => $field->usually($value));
    }

    /** One for each of so many. */
    public function each(string $key, int $count): self
    {
        return $this->changing($key, static fn (Field $field): Field => $field->each(Each::of($count)));
    }

    /** A field whose value is known here, so that nobody is asked. */
    public function given(string $key, string|float|int $value): self
    {
        return $this->changing($key, static fn (Field $field): Field => $field->usually($value)->unasked());
    }

    /** Without a field that nobody would fill in here. */
    public function unasked(string $key): self
    {
        return $this->changing($key, static fn (Field $field): Field => $field->unasked());
    }

    /** Other words on its button than the kind's own. */
    public function calledHere(string $act): self
    {
        return new self($this->kind, $this->rank, $this->fields, $this->step, $act);
    }

    /** @param  \Closure(Field): Field  $change */
    private function changing(string $key, \Closure $change): self
    {
        return new self($this->kind, $this->rank, array_map(static fn (Field $field): Field => $field->key === $key ? $change($field) : $field, $this->fields), $this->step, $this->act);
    }
}
