<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\Place;
use App\Models\Recorded;
use App\Reading\Facts;
use LogicException;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Admission;
use Marrow\Core\Folding\Course;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Steps\Holding\HoldingCourse;

final readonly class PlacesRecorded implements RecordedSubject
{
    public function __construct(private Facts $facts) {}

    public function subject(): Subject
    {
        return Subject::Place;
    }

    public function find(string $id): ?Place
    {
        return Place::query()->find($id);
    }

    public function mustBe(Recorded $thing, Draft $draft): void {}

    public function begin(Draft $draft, Begins $begins, Kind $kind): Place
    {
        throw Refused::at('kind', 'There is no such place. Add it first.');
    }

    public function admit(Recorded $thing, array $entries, Entry $entry, ?string $replaces = null, ?Course $before = null): Admission
    {
        $place = $thing instanceof Place ? $thing : throw new LogicException('That is no place.');

        return HoldingCourse::admitToPlace($place->id, $this->facts->storedAt($place), $entries, $entry, $replaces, $before);
    }

    public function leftAdrift(Recorded $thing, array $entries, string $without): array
    {
        return [];
    }

    public function alsoAsks(Recorded $thing, Entry $entry): array
    {
        return [];
    }
}
