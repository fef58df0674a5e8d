<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** Reads a plan as it was typed or dragged, and says in a gardener's words what is wrong where. */
final readonly class PlanFields
{
    /** @param  array<array-key, mixed>  $given */
    public function __construct(private array $given, private string $path = '') {}

    /**
     * @return list<self>
     *
     * @throws PlanRefused
     */
    public function several(string $field, int $most): array
    {
        $given = $this->given[$field] ?? [];
        if (! is_array($given) || ! array_is_list($given)) {
            throw $this->refused($field, 'A list is needed here.');
        }
        if (count($given) > $most) {
            throw $this->refused($field, "At most $most are possible here.");
        }
        $several = [];
        foreach ($given as $i => $one) {
            if (! is_array($one)) {
                throw $this->refused("$field.$i", 'This cannot be read.');
            }
            $several[] = new self($one, $this->at("$field.$i"));
        }

        return $several;
    }

    /** @throws PlanRefused */
    public function part(string $field): self
    {
        $given = $this->given[$field] ?? [];

        return is_array($given) ? new self($given, $this->at($field)) : throw $this->refused($field, 'This cannot be read.');
    }

    public function has(string $field): bool
    {
        return ($this->given[$field] ?? null) !== null && $this->given[$field] !== '';
    }

    /** @throws PlanRefused */
    public function number(string $field, string $what, float $min, float $max, string $unit): float
    {
        $given = $this->given[$field] ?? null;
        if (is_string($given)) {
            // A comma is the decimal mark for half of all gardeners.
            $given = str_replace(',', '.', trim($given));
        }
        if (! is_int($given) && ! is_float($given) && ! (is_string($given) && is_numeric($given))) {
            throw $this->refused($field, $given === null || $given === '' ? "$what is missing." : "$what must be a number.");
        }
        $value = (float) $given;
        if (! ($value >= $min && $value <= $max)) {
            throw $this->refused($field, sprintf('%s must be from %s to %s%s.', $what, self::show($min), self::show($max), $unit));
        }

        return $value;
    }

    /** @throws PlanRefused */
    public function whole(string $field, string $what, int $min, int $max): int
    {
        $value = $this->number($field, $what, $min, $max, '');

        return floor($value) === $value ? (int) $value : throw $this->refused($field, "$what must be a whole number.");
    }

    /** @throws PlanRefused */
    public function text(string $field, string $what, int $most = 80): string
    {
        $text = $this->optionalText($field, $what, $most);

        return $text !== '' ? $text : throw $this->refused($field, "$what is missing.");
    }

    /** @throws PlanRefused */
    public function optionalText(string $field, string $what, int $most = 80): string
    {
        $given = $this->given[$field] ?? '';
        if (! is_string($given)) {
            throw $this->refused($field, "$what must be a text.");
        }
        $given = trim($given);

        return mb_strlen($given) <= $most ? $given : throw $this->refused($field, "$what is too long: at most $most letters.");
    }

    public function flag(string $field, bool $default = false): bool
    {
        return ($this->given[$field] ?? $default) === true;
    }

    /** @throws PlanRefused */
    public function day(string $field, string $what): \DateTimeImmutable
    {
        return $this->optionalDate($field, $what) ?? throw $this->refused($field, "$what is missing.");
    }

    /** @throws PlanRefused */
    public function optionalDate(string $field, string $what): ?\DateTimeImmutable
    {
        if (! $this->has($field)) {
            return null;
        }
        $text = is_string($this->given[$field]) ? trim($this->given[$field]) : '';
        $date = \DateTimeImmutable::createFromFormat('!Y-m-d', $text, new \DateTimeZone('UTC'));
        if ($date === false || $date->format('Y-m-d') !== $text) {
            throw $this->refused($field, "$what is not a day of the calendar.");
        }

        return $date;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     *
     * @throws PlanRefused
     */
    public function one(string $field, string $what, string $enum, ?\BackedEnum $default = null): \BackedEnum
    {
        $given = $this->given[$field] ?? $default?->value;
        $one = is_string($given) ? $enum::tryFrom($given) : null;

        return $one ?? throw $this->refused($field, "Choose $what.");
    }

    public function refused(string $field, string $message): PlanRefused
    {
        return PlanRefused::at($this->at($field), $message);
    }

    private function at(string $field): string
    {
        return $this->path === '' ? $field : $this->path.'.'.$field;
    }

    private static function show(float $value): string
    {
        return rtrim(rtrim(number_format($value, 4, '.', ''), '0'), '.');
    }
}
