<?php

declare(strict_types=1);

namespace Marrow\Core\Journal;

use Marrow\Core\Fields\Choice;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Fields\Refused;

/** What can happen, declared once: asked for, read, kept and said by this definition. */
final class Kind
{
    /** @var array<class-string<Payload>, self> */
    private static array $declared = [];

    /**
     * @param  string  $name  kept in the journal; it never changes
     * @param  list<Subject>  $of  what it can happen to
     * @param  string  $title  what the journal says was done
     * @param  string  $act  what the hand does, on a button
     * @param  list<string>  $says  the parts of its sentence, fields in braces; a part of which a field is empty is left out
     * @param  ?list<string>  $once  set when it happens once only, of each of these fields
     * @param  bool  $starts  whether the thing it is about may begin with it
     * @param  ?Subject  $from  what it then begins from, where it cannot begin out of nothing
     * @param  bool  $isWords  whether it is told for people alone, and nothing is reckoned from it
     * @param  list<string>  $called  what hands call it besides, in a line
     * @param  bool  $names  whether it tells anew what the thing is, as its beginning does
     */
    private function __construct(
        public readonly string $name,
        public readonly array $of,
        public readonly string $title,
        public readonly string $act,
        public readonly FieldList $fields,
        public readonly array $says,
        public readonly ?array $once = null,
        public readonly bool $starts = false,
        public readonly ?Subject $from = null,
        public readonly bool $isWords = false,
        public readonly array $called = [],
        public readonly bool $names = false,
    ) {}

    /**
     * The kind of a payload's class; declared once however often it is asked for.
     *
     * @param  class-string<Payload>  $payload
     */
    public static function declared(string $payload): self
    {
        return self::$declared[$payload] ??= $payload::kind();
    }

    /** @param  Subject|list<Subject>  $of */
    public static function of(string $name, Subject|array $of, string $title): self
    {
        return new self($name, is_array($of) ? $of : [$of], $title, $title, FieldList::of(), []);
    }

    public function act(string $words): self
    {
        return $this->with(['act' => $words]);
    }

    public function asks(Field ...$fields): self
    {
        return $this->with([
            'fields' => FieldList::of(...$fields),
            'says' => array_values(array_map(static fn (Field $field): string => '{'.$field->key.'}', array_filter($fields, static fn (Field $field): bool => $field->type !== FieldType::Id))),
        ]);
    }

    public function says(string ...$parts): self
    {
        return $this->with(['says' => array_values($parts)]);
    }

    /** @param  string  ...$by  fields: once for each value of them, as the end of each test */
    public function once(string ...$by): self
    {
        return $this->with(['once' => array_values($by)]);
    }

    /** The thing that it is about may begin with it: from something that stands already, or out of nothing. */
    public function starts(?Subject $from = null): self
    {
        return $this->with(['starts' => true, 'from' => $from]);
    }

    /** It tells anew what the thing is: whatever rests on how that began rests on this, too. */
    public function names(): self
    {
        return $this->with(['names' => true]);
    }

    /** A word or two by which hands call it, where that is in neither its title nor its act. */
    public function also(string ...$words): self
    {
        return $this->with(['called' => array_values($words)]);
    }

    /** It is told for people: nothing is reckoned from it. */
    public function words(): self
    {
        return $this->with(['isWords' => true]);
    }

    /** @return array<string, Subject> what it refers to, by field */
    public function references(): array
    {
        $references = [];
        foreach ($this->fields->fields as $key => $field) {
            if ($field->type === FieldType::Reference) {
                $references[$key] = Subject::from($field->of);
            }
        }

        return $references;
    }

    /**
     * What was typed or sent.
     *
     * @param  class-string<Payload>  $payload
     * @param  array<array-key, mixed>  $given
     *
     * @throws Refused
     */
    public function read(string $payload, array $given): Payload
    {
        $read = self::made($payload, $this->fields->read($given)->all());
        if ($read instanceof Checked) {
            $read->check();
        }

        return $read;
    }

    /**
     * What the journal kept, as it stands: bounds may have been drawn in since, and what happened stays what happened.
     *
     * @param  class-string<Payload>  $payload
     * @param  array<array-key, mixed>  $kept
     */
    public function revive(string $payload, array $kept): Payload
    {
        $values = [];
        foreach ($this->fields->fields as $key => $field) {
            $values[$key] = self::revived($field, $kept[$key] ?? null);
        }

        return self::made($payload, $values);
    }

    /** @return array<string, mixed> what is kept in the journal */
    public function keep(Payload $payload): array
    {
        $kept = [];
        foreach (array_keys($this->fields->fields) as $key) {
            $value = $this->value($payload, $key);
            $kept[$key] = $value instanceof Choice ? $value->value : $value;
        }

        return $kept;
    }

    /** @return list<string> what its fields of text hold, those that are empty left out */
    public function texts(Payload $payload): array
    {
        $texts = [];
        foreach ($this->fields->fields as $key => $field) {
            $value = in_array($field->type, [FieldType::Text, FieldType::Prose], true) ? $this->value($payload, $key) : null;
            if (is_string($value) && $value !== '') {
                $texts[] = $value;
            }
        }

        return $texts;
    }

    /** @return list<string> its fields that may hold somebody's name */
    public function people(): array
    {
        return array_keys(array_filter($this->fields->fields, static fn (Field $field): bool => $field->isPerson));
    }

    /** What one of its fields holds. */
    public function value(Payload $payload, string $key): mixed
    {
        return get_object_vars($payload)[self::property($key)] ?? null;
    }

    private static function revived(Field $field, mixed $kept): mixed
    {
        if ($kept === null) {
            return $field->default;
        }
        if ($field->each !== null && is_array($kept)) {
            return array_map(static fn (mixed $one): mixed => self::cast($field, $one), array_values($kept));
        }

        return self::cast($field, $kept);
    }

    private static function cast(Field $field, mixed $kept): mixed
    {
        return match (true) {
            $field->type === FieldType::Integer && is_numeric($kept) => (int) $kept,
            $field->type->isNumeric() && is_numeric($kept) => (float) $kept,
            $field->choice !== null && (is_string($kept) || is_int($kept)) => $field->choice::from($kept),
            default => $kept,
        };
    }

    /**
     * @param  class-string<Payload>  $payload
     * @param  array<string, mixed>  $values
     */
    private static function made(string $payload, array $values): Payload
    {
        $named = [];
        foreach ($values as $key => $value) {
            $named[self::property($key)] = $value;
        }

        return new $payload(...$named);
    }

    private static function property(string $key): string
    {
        return lcfirst(str_replace('_', '', ucwords($key, '_')));
    }

    /** @param  array<string, mixed>  $change */
    private function with(array $change): self
    {
        /** @var array{name: string, of: list<Subject>, title: string, act: string, fields: FieldList, says: list<string>, once: ?list<string>, starts: bool, from: ?Subject, isWords: bool, called: list<string>, names: bool} $all */
        $all = [...get_object_vars($this), ...$change];

        return new self(...$all);
    }
}
