<?php

declare(strict_types=1);

namespace App\Garden;

use App\Models\Container;
use App\Models\Deed;
use App\Models\Instrument;
use App\Models\Place;
use App\Models\Planting;
use App\Models\Variety;

/** Something that has a name was added, put right, or is kept no more. */
final readonly class NamedThing implements Deed
{
    private const SORTS = ['variety' => '/books/varieties', 'place' => '/store/where/%s', 'container' => '/store/where/%s', 'planting' => '/plot/%2$s', 'instrument' => '/books/instruments'];

    /**
     * @param  string  $sort  of SORTS
     * @param  string  $what  as a title: Added, Changed …
     * @param  string  $was  what it was called; empty where that is the same
     */
    private function __construct(private string $sort, private string $id, private string $name, private string $what, private string $was) {}

    public static function to(Variety|Place|Container|Planting|Instrument $thing, string $what, string $was = ''): self
    {
        $name = $thing instanceof Planting ? $thing->code() : $thing->name;

        return new self(match (true) {
            $thing instanceof Variety => 'variety',
            $thing instanceof Place => 'place',
            $thing instanceof Container => 'container',
            $thing instanceof Instrument => 'instrument',
            default => 'planting',
        }, $thing->id, $name, $what, $was === $name ? '' : $was);
    }

    public static function kind(): string
    {
        return 'named_thing';
    }

    public static function of(array $kept): self
    {
        $text = static fn (string $key): string => is_string($kept[$key] ?? null) ? $kept[$key] : '';

        return new self($text('sort'), $text('id'), $text('name'), $text('what'), $text('was'));
    }

    public function keep(): array
    {
        return ['sort' => $this->sort, 'id' => $this->id, 'name' => $this->name, 'what' => $this->what, 'was' => $this->was];
    }

    public function title(): string
    {
        return "$this->what the $this->sort";
    }

    public function says(): string
    {
        return $this->was === '' ? '' : "was $this->was";
    }

    public function about(): string
    {
        return $this->name;
    }

    public function page(): string
    {
        return sprintf(self::SORTS[$this->sort] ?? '/books/journal', $this->id, $this->name);
    }
}
