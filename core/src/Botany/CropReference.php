<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

use Marrow\Core\Fields\InvalidFigure;

/**
 * The crops we know, by key. Whoever builds it reads the files; the core only reads what it is handed. A crop is read
 * when it is first asked for: a page about one lot has no use for a hundred others.
 */
final class CropReference
{
    /** @var array<string, Crop> */
    private array $read = [];

    /** @var array<string, CropTitle> */
    private array $titled = [];

    /**
     * @param  array<string, true>  $crops  by key
     * @param  \Closure(string): Crop  $reads
     * @param  ?\Closure(string): ?CropTitle  $titles  the title of a crop where it is had without reading the crop
     * @param  ?\Closure(string): ?string  $words  likewise its words
     */
    private function __construct(private readonly array $crops, private readonly \Closure $reads, private readonly ?\Closure $titles, private readonly ?\Closure $words) {}

    /**
     * @param  array<string, array<array-key, mixed>>  $files  decoded content by crop key
     *
     * @throws UnsoundCrop
     */
    public static function fromFiles(array $files): self
    {
        $reference = self::lazily(array_keys($files), static fn (string $key): Crop => CropFile::read($key, $files[$key]));
        $reference->all();

        return $reference;
    }

    /**
     * @param  list<string>  $keys
     * @param  \Closure(string): Crop  $reads
     * @param  ?\Closure(string): ?CropTitle  $titles  the title of a crop where it is had without reading the crop
     * @param  ?\Closure(string): ?string  $words  likewise its words
     */
    public static function lazily(array $keys, \Closure $reads, ?\Closure $titles = null, ?\Closure $words = null): self
    {
        sort($keys, SORT_STRING);

        return new self(array_fill_keys($keys, true), $reads, $titles, $words);
    }

    /**
     * Of every crop its names: most crops need not be read for that.
     *
     * @return list<CropTitle>
     *
     * @throws UnsoundCrop
     */
    public function titles(): array
    {
        return array_map($this->titled(...), $this->keys());
    }

    /**
     * The crops of which something is so of all their names, as one text to look through (CropTitle::words).
     *
     * @param  \Closure(string): bool  $isSo
     * @return list<CropTitle>
     *
     * @throws UnsoundCrop
     */
    public function whose(\Closure $isSo): array
    {
        return array_map($this->titled(...), array_values(array_filter($this->keys(), fn (string $key): bool => $isSo(($this->words === null ? null : ($this->words)($key)) ?? $this->titled($key)->words()))));
    }

    /**
     * @throws InvalidFigure when there is no such crop
     * @throws UnsoundCrop
     */
    public function title(string $key): CropTitle
    {
        return $this->has($key) ? $this->titled($key) : $this->get($key)->title();
    }

    /**
     * @return list<Crop>
     *
     * @throws UnsoundCrop
     */
    public function all(): array
    {
        return array_map($this->read(...), $this->keys());
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->crops));
    }

    public function has(string $key): bool
    {
        return isset($this->crops[$key]);
    }

    /**
     * @param  string  $figure  the input that named the crop, for the message
     *
     * @throws InvalidFigure when there is no such crop
     * @throws UnsoundCrop
     */
    public function get(string $key, string $figure = 'crop'): Crop
    {
        if (! $this->has($key)) {
            $like = array_filter(array_keys($this->crops), static fn (string $known): bool => levenshtein($key, $known) <= 2 || str_contains($known, $key));

            throw InvalidFigure::because($figure, sprintf(
                'There is no crop "%s" in the crop reference.%s',
                $key,
                $like === [] ? '' : ' Did you mean '.implode(' or ', $like).'?',
            ));
        }

        return $this->read($key);
    }

    private function titled(string $key): CropTitle
    {
        return $this->titled[$key] ??= ($this->titles === null ? null : ($this->titles)($key)) ?? $this->read($key)->title();
    }

    private function read(string $key): Crop
    {
        return $this->read[$key] ??= ($this->reads)($key);
    }
}
