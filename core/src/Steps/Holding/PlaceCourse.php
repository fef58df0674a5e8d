<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Holding;

use Marrow\Core\Folding\Admission;
use Marrow\Core\Folding\Course;
use Marrow\Core\Folding\Folded;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Steps\PutOff\PutOffStrand;
use Marrow\Core\Steps\Storing\StoredAt;
use Marrow\Core\Work\Place;

/** Everything that is known of a place where seed is kept. */
final class PlaceCourse extends Folded
{
    protected readonly PlaceStrand $air;

    public readonly PutOffStrand $putOff;

    private function __construct(string $id, StoredAt $ordinary)
    {
        $this->air = new PlaceStrand($id, $ordinary);
        $this->putOff = new PutOffStrand;
    }

    /**
     * @param  StoredAt  $ordinary  its air as long as nothing else was recorded
     * @param  list<Entry>  $entries  of the place, in any order
     */
    public static function fold(string $id, StoredAt $ordinary, array $entries): self
    {
        $place = new self($id, $ordinary);
        $place->course = Course::fold($place->strands(), $entries);

        return $place;
    }

    /** @param  list<Entry>  $entries  recorded of the place so far */
    public static function admit(string $id, StoredAt $ordinary, array $entries, Entry $candidate, ?string $replaces = null, ?Course $before = null): Admission
    {
        return Course::admit(static fn (): array => (new self($id, $ordinary))->strands(), $entries, $candidate, $replaces, $before);
    }

    public function surroundings(): Surroundings
    {
        return $this->air->surroundings();
    }

    public function place(): Place
    {
        return Place::Store;
    }

    protected function leaves(array $tasks): array
    {
        return $this->putOff->leaves($tasks);
    }
}
