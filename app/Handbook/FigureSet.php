<?php

declare(strict_types=1);

namespace App\Handbook;

use App\Models\Deed;
use App\Voice\FieldValue;
use App\Voice\Speaking;
use Marrow\Core\Botany\CropFigureList;

/** A keeper's own figure took the place of the handbook's, or went again. */
final readonly class FigureSet implements Deed
{
    /**
     * @param  string  $crop  its name
     * @param  string  $variety  its name; empty for the whole crop
     * @param  ?float  $was  null for the handbook's
     */
    public function __construct(private string $key, private string $crop, private string $variety, private string $path, private ?float $was, private ?float $is) {}

    public static function kind(): string
    {
        return 'figure_set';
    }

    public static function of(array $kept): self
    {
        $text = static fn (string $key): string => is_string($kept[$key] ?? null) ? $kept[$key] : '';
        $number = static fn (string $key): ?float => is_numeric($kept[$key] ?? null) ? (float) $kept[$key] : null;

        return new self($text('key'), $text('crop'), $text('variety'), $text('path'), $number('was'), $number('is'));
    }

    public function keep(): array
    {
        return ['key' => $this->key, 'crop' => $this->crop, 'variety' => $this->variety, 'path' => $this->path, 'was' => $this->was, 'is' => $this->is];
    }

    public function title(): string
    {
        return 'Own figure';
    }

    public function says(): string
    {
        $field = CropFigureList::all()[$this->path] ?? null;
        $said = fn (?float $value): string => $value === null ? "the handbook's" : ($field === null ? (string) $value : FieldValue::said($field, $field->unit === CropFigureList::MONTH ? round(Speaking::forms()->turn->partHere($value), 6) : $value));

        return ($field === null ? $this->path : $field->label).': '.$said($this->was).' → '.$said($this->is);
    }

    public function about(): string
    {
        return $this->crop.($this->variety === '' ? '' : ", $this->variety");
    }

    public function page(): string
    {
        return "/books/handbook/$this->key";
    }
}
