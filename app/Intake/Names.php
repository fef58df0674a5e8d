<?php

declare(strict_types=1);

namespace App\Intake;

use App\Clock;
use App\Handbook\NamesAbroad;
use App\Handbook\WhichKeys;
use App\Models\Code;
use App\Models\Container;
use App\Models\Lot;
use App\Models\Place;
use App\Models\Variety;
use App\Voice\Speaking;
use App\Voice\UnitSystem;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Intake\CropNames;
use Marrow\Core\Intake\KnownNames;
use Marrow\Core\Intake\LineReader;
use Marrow\Core\Journal\Subject;

/** What a list that comes in is read with: the names of crops, and those that the garden has already. */
final readonly class Names
{
    public function __construct(private CropReference $crops, private WhichKeys $which, private Clock $clock) {}

    public function crops(): CropNames
    {
        return new CropNames($this->crops->titles(), $this->which->all(), NamesAbroad::all());
    }

    public function reader(): LineReader
    {
        $units = Speaking::forms()->units;

        return new LineReader($this->crops(), self::known(), $this->clock->now()->format('Y-m-d'), Speaking::forms()->monthFirst(), $units === UnitSystem::Us ? 'oz' : 'g');
    }

    /** A mark that is another as soon as any of what a list is read against has changed. */
    public static function mark(): string
    {
        return md5(serialize([
            Lot::query()->toBase()->max('number'),
            Variety::query()->toBase()->orderBy('id')->get(['id', 'crop', 'name'])->toArray(),
            Place::query()->toBase()->orderBy('id')->pluck('name', 'id')->all(),
            self::containers(),
        ]));
    }

    /** @return array<string, string> names of containers that hold others, by id */
    public static function containers(): array
    {
        /** @var array<string, string> $names */
        $names = Container::query()->toBase()->where('name', '!=', '')->where('gone', 0)->pluck('name', 'id')->all();

        return $names;
    }

    public static function known(): KnownNames
    {
        $varieties = [];
        foreach (Variety::query()->toBase()->get(['id', 'crop', 'name']) as $row) {
            /** @var object{id: string, crop: string, name: string} $row */
            $varieties[] = ['id' => $row->id, 'crop' => $row->crop, 'name' => $row->name];
        }
        /** @var array<string, string> $places */
        $places = Place::query()->toBase()->pluck('name', 'id')->all();
        $lots = [];
        foreach (Lot::query()->toBase()->get(['number', 'variety_id']) as $row) {
            /** @var object{number: int, variety_id: string} $row */
            $lots[Code::of(Subject::Lot, $row->number)] = $row->variety_id;
        }

        return new KnownNames($varieties, $places, $lots, self::containers());
    }
}
