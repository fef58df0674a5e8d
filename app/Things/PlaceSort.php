<?php

declare(strict_types=1);

namespace App\Things;

use App\Journal\Changed;
use App\Models\Place;
use App\Models\Recorded;
use Illuminate\Support\Collection;
use LogicException;
use Marrow\Core\Folding\Admission;
use Marrow\Core\Folding\Course;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Steps\Holding\PlaceCourse;

/** Places where seed is kept. */
final readonly class PlaceSort extends HolderSort
{
    public function subject(): Subject
    {
        return Subject::Place;
    }

    public function table(): string
    {
        return 'places';
    }

    public function find(string $id): ?Place
    {
        return Place::query()->find($id);
    }

    public function admit(Recorded $thing, array $entries, Entry $entry, ?string $replaces = null, ?Course $before = null): Admission
    {
        $place = $thing instanceof Place ? $thing : throw new LogicException('That is no place.');

        return PlaceCourse::admit($place->id, $this->facts->storedAt($place), $entries, $entry, $replaces, $before);
    }

    public function alsoAsks(Recorded $thing, Entry $entry): array
    {
        return [];
    }

    public function folded(string $id): ?PlaceCourse
    {
        $place = $this->find($id);

        return $place === null ? null : $this->stores->place($place);
    }

    /** Its air is the air of all that lies there, and of what lay there before. */
    public function bearsOn(array $ids, Changed $changed): array
    {
        $this->facts->forget();

        return [Subject::Lot->value => [...array_merge([], ...array_map($this->stores->idsAt(...), $ids)), ...$this->stores->everIn($ids)[0]]];
    }

    public function project(array $ids): array
    {
        return array_values(Place::query()->findMany($ids)->map(fn (Place $place): array => [$place, $this->stores->place($place)->due()])->all());
    }

    /** @return Collection<int, Place> */
    protected function inUse(): Collection
    {
        return Place::query()->where('gone', 0)->get()->toBase();
    }

    protected function said(string $lots): string
    {
        return "place, $lots there";
    }
}
