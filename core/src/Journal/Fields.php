<?php

declare(strict_types=1);

namespace Marrow\Core\Journal;

/** Reads the fields of an entry as they were typed, with messages in the gardener's words. */
final readonly class Fields
{
    /** No home lot weighs more than a hundred kilos, and no scale in a kitchen shows less than a milligram. */
    public const MOST_GRAMS = 100_000.0;

    public const LEAST_GRAMS = 0.001;

    /** @param  array<array-key, mixed>  $given */
    public function __construct(private array $given) {}

    /** @throws EntryRefused */
    public function mass(string $field, string $what): float
    {
        return $this->optionalMass($field, $what) ?? throw EntryRefused::at($field, "$what is missing: weigh it and give it in grams.");
    }

    /** @throws EntryRefused */
    public function optionalMass(string $field, string $what): ?float
    {
        $value = $this->optionalNumber($field, $what);
        if ($value === null) {
            return null;
        }
        if ($value <= 0) {
            throw EntryRefused::at($field, "$what must be more than 0 g.");
        }
        if ($value < self::LEAST_GRAMS) {
            throw EntryRefused::at($field, "$what cannot be less than 0.001 g.");
        }
        if ($value > self::MOST_GRAMS) {
            throw EntryRefused::at($field, "$what cannot be more than 100 kg. Is it in grams?");
        }

        return $value;
    }

    /** @throws EntryRefused */
    public function number(string $field, string $what, float $min, float $max, string $unit): float
    {
        return $this->optionalNumberWithin($field, $what, $min, $max, $unit) ?? throw EntryRefused::at($field, "$what is missing.");
    }

    /** @throws EntryRefused */
    public function optionalNumberWithin(string $field, string $what, float $min, float $max, string $unit): ?float
    {
        $value = $this->optionalNumber($field, $what);
        if ($value !== null && ! ($value >= $min && $value <= $max)) {
            throw EntryRefused::at($field, sprintf('%s must be from %s to %s%s.', $what, self::show($min), self::show($max), $unit));
        }

        return $value;
    }

    /** @throws EntryRefused */
    public function whole(string $field, string $what, int $min, int $max): int
    {
        return $this->optionalWhole($field, $what, $min, $max) ?? throw EntryRefused::at($field, "$what is missing.");
    }

    /** @throws EntryRefused */
    public function optionalWhole(string $field, string $what, int $min, int $max): ?int
    {
        $value = $this->optionalNumberWithin($field, $what, $min, $max, '');
        if ($value !== null && floor($value) !== $value) {
            throw EntryRefused::at($field, "$what must be a whole number.");
        }

        return $value === null ? null : (int) $value;
    }

    /**
     * @return list<int>
     *
     * @throws EntryRefused
     */
    public function wholes(string $field, string $what, int $max): array
    {
        $given = $this->given[$field] ?? [];
        if (! is_array($given) || $given === []) {
            throw EntryRefused::at($field, "$what are missing.");
        }

        return array_map(
            static fn (mixed $item): int => (new self([$field => $item]))->whole($field, $what, 0, $max),
            array_values($given),
        );
    }

    /**
     * @return list<float>
     *
     * @throws EntryRefused
     */
    public function masses(string $field, string $what): array
    {
        $given = $this->given[$field] ?? [];
        if (! is_array($given) || $given === []) {
            throw EntryRefused::at($field, "$what is missing: weigh it and give it in grams.");
        }

        return array_map(
            static fn (mixed $item): float => (new self([$field => $item]))->mass($field, $what),
            array_values($given),
        );
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     *
     * @throws EntryRefused
     */
    public function one(string $field, string $what, string $enum): \BackedEnum
    {
        $given = $this->given[$field] ?? null;

        return (is_string($given) ? $enum::tryFrom($given) : null) ?? throw EntryRefused::at($field, "Choose $what.");
    }

    /** @throws EntryRefused */
    public function text(string $field, string $what, int $most = 200): string
    {
        $text = $this->optionalText($field, $what, $most);

        return $text !== '' ? $text : throw EntryRefused::at($field, "$what is missing.");
    }

    /** @throws EntryRefused */
    public function optionalText(string $field, string $what, int $most = 200): string
    {
        $given = $this->given[$field] ?? '';
        if (! is_string($given)) {
            throw EntryRefused::at($field, "$what must be a text.");
        }
        $given = trim($given);
        if (mb_strlen($given) > $most) {
            throw EntryRefused::at($field, "$what is too long: at most $most letters.");
        }

        return $given;
    }

    public function flag(string $field): bool
    {
        return ($this->given[$field] ?? false) === true;
    }

    /** @throws EntryRefused */
    private function optionalNumber(string $field, string $what): ?float
    {
        $value = $this->given[$field] ?? null;
        if (is_string($value)) {
            // A comma is the decimal mark for half of all gardeners.
            $value = str_replace(',', '.', trim($value));
        }
        if ($value === null || $value === '') {
            return null;
        }
        if (! is_int($value) && ! is_float($value) && ! (is_string($value) && is_numeric($value))) {
            throw EntryRefused::at($field, "$what must be a number.");
        }
        if (! is_finite((float) $value)) {
            throw EntryRefused::at($field, "$what must be a number of ordinary size.");
        }

        return (float) $value;
    }

    private static function show(float $value): string
    {
        return rtrim(rtrim(number_format($value, 3, '.', ' '), '0'), '.');
    }
}
