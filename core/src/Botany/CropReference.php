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
     * @param  array<string, \Closure(): Crop>  $crops  by key
     * @param  ?\Closure(string): ?CropTitle  $titles  the title of a crop where it is had without reading the crop
     */
    private function __construct(private readonly array $crops, private readonly ?\Closure $titles = null) {}

    /**
     * @param  array<string, array<array-key, mixed>>  $files  decoded content by crop key
     *
     * @throws UnsoundCrop
     */
    public static function fromFiles(array $files): self
    {
        $crops = [];
        foreach ($files as $key => $data) {
            $crops[$key] = static fn (): Crop => CropFile::read($key, $data);
        }
        $reference = self::lazily($crops);
        $reference->all();

        return $reference;
    }

    /**
     * @param  array<string, \Closure(): Crop>  $crops  what gives each, by its key
     * @param  ?\Closure(string): ?CropTitle  $titles  the title of a crop where it is had without reading the crop
     */
    public static function lazily(array $crops, ?\Closure $titles = null): self
    {
        ksort($crops);

        return new self($crops, $titles);
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
        return array_map($this->titled(...), array_keys($this->crops));
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
        return array_map($this->read(...), array_keys($this->crops));
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_keys($this->crops);
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
        return $this->read[$key] ??= ($this->crops[$key])();
    }
}
