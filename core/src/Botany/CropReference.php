<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

use Marrow\Core\InvalidFigure;

/** The crops we know, by key. Whoever builds it reads the files; the core only reads what it is handed. */
final readonly class CropReference
{
    /** @param  array<string, Crop>  $crops */
    private function __construct(private array $crops) {}

    /**
     * @param  array<string, array<array-key, mixed>>  $files  decoded content by crop key
     *
     * @throws UnsoundCrop
     */
    public static function fromFiles(array $files): self
    {
        ksort($files);
        $crops = [];
        foreach ($files as $key => $data) {
            $crops[$key] = CropFile::read($key, $data);
        }

        return new self($crops);
    }

    /** @return list<Crop> */
    public function all(): array
    {
        return array_values($this->crops);
    }

    public function has(string $key): bool
    {
        return isset($this->crops[$key]);
    }

    /**
     * @param  string  $figure  the input that named the crop, for the message
     *
     * @throws InvalidFigure when there is no such crop
     */
    public function get(string $key, string $figure = 'crop'): Crop
    {
        return $this->crops[$key] ?? throw InvalidFigure::because($figure, sprintf(
            'There is no crop "%s" in the crop reference. It has: %s.',
            $key,
            implode(', ', array_keys($this->crops)),
        ));
    }
}
