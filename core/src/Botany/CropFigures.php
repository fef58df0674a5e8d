<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

use Marrow\Core\Fields\FieldType;

/** Takes single figures and texts out of the decoded content of a crop file, and says which one is at fault. */
final readonly class CropFigures
{
    /** @param  array<array-key, mixed>  $data */
    public function __construct(private string $key, private array $data) {}

    public function has(string $path): bool
    {
        return $this->find($path) !== null;
    }

    /** @throws UnsoundCrop */
    public function text(string $path): string
    {
        $value = $this->find($path);

        return is_string($value) && trim($value) !== '' ? $value : throw $this->unsound($path, 'a text is missing');
    }

    /** @throws UnsoundCrop */
    public function textOr(string $path, ?string $default): ?string
    {
        return $this->has($path) ? $this->text($path) : $default;
    }

    /** @throws UnsoundCrop */
    public function flag(string $path): bool
    {
        $value = $this->find($path) ?? false;

        return is_bool($value) ? $value : throw $this->unsound($path, 'yes or no is needed');
    }

    /** @throws UnsoundCrop */
    public function number(string $path, float $min, float $max): float
    {
        $value = $this->find($path);
        if ((! is_int($value) && ! is_float($value)) || $value < $min || $value > $max) {
            throw $this->unsound($path, sprintf('a number from %s to %s is needed', self::show($min), self::show($max)));
        }

        return (float) $value;
    }

    /**
     * A figure that a keeper may know better, within the bounds that the list of those gives.
     *
     * @param  ?float  $atLeast  where another figure draws its bounds in
     *
     * @throws UnsoundCrop
     */
    public function known(string $path, ?float $atLeast = null): float
    {
        $field = CropFigureList::field($path);
        $value = $this->number($path, max($field->min, $atLeast ?? $field->min), $field->max);

        return $field->type !== FieldType::Integer || $value === floor($value) ? $value : throw $this->unsound($path, 'a whole number is needed');
    }

    /**
     * @return array{float, float} lower and upper
     *
     * @throws UnsoundCrop
     */
    public function knownRange(string $path): array
    {
        $value = $this->find($path);
        if (! is_array($value) || ! array_is_list($value) || count($value) !== 2) {
            throw $this->unsound($path, 'a lower and an upper figure are needed');
        }
        $low = $this->known($path.'.0');

        return [$low, $this->known($path.'.1', $low)];
    }

    /** @throws UnsoundCrop */
    public function whole(string $path, int $min, int $max): int
    {
        $value = $this->number($path, $min, $max);

        return $value === floor($value) ? (int) $value : throw $this->unsound($path, 'a whole number is needed');
    }

    /**
     * @return array{float, float} lower and upper
     *
     * @throws UnsoundCrop
     */
    public function range(string $path, float $min, float $max): array
    {
        $value = $this->find($path);
        if (! is_array($value) || ! array_is_list($value) || count($value) !== 2) {
            throw $this->unsound($path, 'a lower and an upper figure are needed');
        }
        $low = $this->number($path.'.0', $min, $max);

        return [$low, $this->number($path.'.1', $low, $max)];
    }

    /**
     * @return ?array{float, float} lower and upper; null where it is not given
     *
     * @throws UnsoundCrop
     */
    public function rangeOr(string $path, float $min, float $max): ?array
    {
        return $this->has($path) ? $this->range($path, $min, $max) : null;
    }

    /**
     * @return ?array{int, int} lower and upper; null where it is not given
     *
     * @throws UnsoundCrop
     */
    public function wholeRangeOr(string $path, int $min, int $max): ?array
    {
        return $this->has($path) ? array_map(intval(...), $this->range($path, $min, $max)) : null;
    }

    /**
     * @return array{int, int} first and last month; the last may be of the next year
     *
     * @throws UnsoundCrop
     */
    public function months(string $path): array
    {
        return [$this->whole("$path.0", 1, 12), $this->whole("$path.1", 1, 12)];
    }

    /**
     * @return list<string>
     *
     * @throws UnsoundCrop
     */
    public function texts(string $path): array
    {
        $texts = [];
        foreach (array_keys($this->list($path)) as $i) {
            $texts[] = $this->text("$path.$i");
        }

        return $texts;
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws UnsoundCrop
     */
    public function list(string $path): array
    {
        $value = $this->find($path) ?? [];

        return is_array($value) ? $value : throw $this->unsound($path, 'a list is missing');
    }

    /**
     * @template T of object
     *
     * @param  \Closure(string): ?T  $from
     * @return T
     *
     * @throws UnsoundCrop
     */
    public function one(string $path, \Closure $from): object
    {
        return $from($this->text($path)) ?? throw $this->unsound($path, 'this is not one of the known ones');
    }

    /**
     * @template T of object
     *
     * @param  \Closure(string): ?T  $from
     * @return list<T>
     *
     * @throws UnsoundCrop
     */
    public function several(string $path, \Closure $from): array
    {
        return array_map(
            fn (string $text): object => $from($text) ?? throw $this->unsound($path, "\"$text\" is not one of the known ones"),
            $this->texts($path),
        );
    }

    public function unsound(string $path, string $reason): UnsoundCrop
    {
        return UnsoundCrop::of($this->key, $path, $reason);
    }

    private function find(string $path): mixed
    {
        $value = $this->data;
        foreach (explode('.', $path) as $step) {
            if (! is_array($value) || ! array_key_exists($step, $value)) {
                return null;
            }
            $value = $value[$step];
        }

        return $value;
    }

    private static function show(float $value): string
    {
        return rtrim(rtrim(number_format($value, 4, '.', ''), '0'), '.');
    }
}
