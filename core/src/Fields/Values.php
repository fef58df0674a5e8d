<?php

declare(strict_types=1);

namespace Marrow\Core\Fields;

/** What was given for some fields, read and within their bounds. Asking for a key of another type is a programmer's mistake. */
final readonly class Values
{
    /** @param  array<string, mixed>  $values  as Field::read() gives them */
    public function __construct(private array $values) {}

    /** @return array<string, mixed> */
    public function all(): array
    {
        return $this->values;
    }

    public function has(string $key): bool
    {
        return ($this->values[$key] ?? null) !== null;
    }

    public function number(string $key): float
    {
        $value = $this->values[$key] ?? null;
        if (! is_float($value) && ! is_int($value)) {
            throw Refused::at($key, $key.' is missing.');
        }

        return (float) $value;
    }

    public function numberOr(string $key, ?float $default): ?float
    {
        return $this->has($key) ? $this->number($key) : $default;
    }

    public function integer(string $key): int
    {
        return (int) $this->number($key);
    }

    public function flag(string $key): bool
    {
        return ($this->values[$key] ?? null) === true;
    }

    public function text(string $key): string
    {
        $value = $this->values[$key] ?? null;
        if (! is_string($value)) {
            throw Refused::at($key, $key.' is missing.');
        }

        return $value;
    }

    /**
     * @template T of Choice
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    public function one(string $key, string $enum): Choice
    {
        $value = $this->values[$key] ?? null;

        return $value instanceof $enum ? $value : throw Refused::at($key, $key.' is missing.');
    }

    public function day(string $key): \DateTimeImmutable
    {
        return new \DateTimeImmutable($this->text($key).' 00:00:00', new \DateTimeZone('UTC'));
    }

    public function dayOrNull(string $key): ?\DateTimeImmutable
    {
        return $this->has($key) ? $this->day($key) : null;
    }

    /** @return list<float> */
    public function numbers(string $key): array
    {
        $value = $this->values[$key] ?? null;
        if (! is_array($value)) {
            throw Refused::at($key, $key.' is missing.');
        }

        return array_values(array_map(static fn (mixed $item): float => is_int($item) || is_float($item) ? (float) $item : 0.0, $value));
    }

    /** @return list<list<float>> */
    public function rows(string $key): array
    {
        $value = $this->values[$key] ?? null;
        if (! is_array($value)) {
            throw Refused::at($key, $key.' is missing.');
        }

        return array_values(array_map(
            static fn (mixed $row): array => array_values(array_map(static fn (mixed $item): float => is_int($item) || is_float($item) ? (float) $item : 0.0, is_array($row) ? $row : [$row])),
            $value,
        ));
    }

    /** @return array<array-key, mixed> */
    public function plan(string $key): array
    {
        $value = $this->values[$key] ?? null;

        return is_array($value) ? $value : throw Refused::at($key, $key.' is missing.');
    }

    /** @return list<int> */
    public function integers(string $key): array
    {
        return array_map(static fn (float $item): int => (int) $item, $this->numbers($key));
    }
}
