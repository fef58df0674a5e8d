<?php

declare(strict_types=1);

namespace App\Reckoners;

use App\Voice\Figures;
use App\Voice\UnitSystem;
use Marrow\Core\Fields\Values;

/** A question that was asked and answered: what went in, what came out, and in whose units it is to be said. */
final readonly class Asked
{
    /** @param  array<string, float|int|string|bool|list<float>|list<int>|list<string>|null>  $result  by output key */
    public function __construct(
        public string $name,
        public Values $in,
        private array $result,
        public UnitSystem $units = UnitSystem::Metric,
    ) {}

    public function has(string $key): bool
    {
        return ($this->result[$key] ?? null) !== null;
    }

    public function figure(string $key): float
    {
        $value = $this->result[$key] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : throw new \LogicException("$this->name has no figure $key.");
    }

    public function count(string $key): int
    {
        return (int) $this->figure($key);
    }

    public function word(string $key): string
    {
        $value = $this->result[$key] ?? null;

        return is_string($value) ? $value : throw new \LogicException("$this->name has no word $key.");
    }

    public function yes(string $key): bool
    {
        return ($this->result[$key] ?? null) === true;
    }

    /** @return list<float> */
    public function list(string $key): array
    {
        $value = $this->result[$key] ?? null;

        return is_array($value) ? array_map(static fn (float|int|string $item): float => (float) $item, $value) : [];
    }

    /** @return list<string> */
    public function words(string $key): array
    {
        $value = $this->result[$key] ?? null;

        return is_array($value) ? array_map(static fn (float|int|string $item): string => (string) $item, $value) : [];
    }

    public function grams(float $grams): string
    {
        return Figures::mass($grams, $this->units);
    }

    public function celsius(float $celsius): string
    {
        return Figures::temperature($celsius, $this->units);
    }

    public function metres(float $metres): string
    {
        return Figures::distance($metres, $this->units);
    }
}
