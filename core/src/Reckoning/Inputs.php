<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

/** The inputs of one call, read and within their bounds. Asking for a key of another type is a programmer's mistake. */
final readonly class Inputs
{
    /** @param  array<string, mixed>  $values  as Input::read() gives them */
    public function __construct(private array $values) {}

    public function has(string $key): bool
    {
        return ($this->values[$key] ?? null) !== null;
    }

    public function number(string $key): float
    {
        $value = $this->values[$key] ?? null;
        if (! is_float($value) && ! is_int($value)) {
            throw InputRefused::because($key, $key.' is missing.');
        }

        return (float) $value;
    }

    public function integer(string $key): int
    {
        return (int) $this->number($key);
    }

    public function text(string $key): string
    {
        $value = $this->values[$key] ?? null;
        if (! is_string($value)) {
            throw InputRefused::because($key, $key.' is missing.');
        }

        return $value;
    }

    public function day(string $key): \DateTimeImmutable
    {
        return new \DateTimeImmutable($this->text($key).' 00:00:00', new \DateTimeZone('UTC'));
    }

    /** @return list<float> */
    public function numbers(string $key): array
    {
        $value = $this->values[$key] ?? null;
        if (! is_array($value)) {
            throw InputRefused::because($key, $key.' is missing.');
        }

        return array_values(array_map(static fn (mixed $item): float => is_int($item) || is_float($item) ? (float) $item : 0.0, $value));
    }

    /** @return list<list<float>> */
    public function rows(string $key): array
    {
        $value = $this->values[$key] ?? null;
        if (! is_array($value)) {
            throw InputRefused::because($key, $key.' is missing.');
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

        return is_array($value) ? $value : throw InputRefused::because($key, $key.' is missing.');
    }

    /** @return list<int> */
    public function integers(string $key): array
    {
        return array_map(static fn (float $item): int => (int) $item, $this->numbers($key));
    }
}
