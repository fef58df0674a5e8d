<?php

declare(strict_types=1);

namespace App\Handbook;

use App\Models\Deed;

/** A crop that the handbook lacks was added. */
final readonly class CropAdded implements Deed
{
    /** In place of a crop, where it came as a file. */
    public const FILE = '';

    /** @param  string  $like  key of the one that it was made like, or FILE */
    public function __construct(private string $key, private string $name, private string $like) {}

    public static function kind(): string
    {
        return 'crop_added';
    }

    public static function of(array $kept): self
    {
        $text = static fn (string $key): string => is_string($kept[$key] ?? null) ? $kept[$key] : '';

        return new self($text('key'), $text('name'), $text('like'));
    }

    public function keep(): array
    {
        return ['key' => $this->key, 'name' => $this->name, 'like' => $this->like];
    }

    public function title(): string
    {
        return 'Added the crop';
    }

    public function says(): string
    {
        return $this->like === self::FILE ? 'from a file' : "made like $this->like";
    }

    public function about(): string
    {
        return $this->name;
    }

    public function page(): string
    {
        return "/books/handbook/$this->key";
    }
}
