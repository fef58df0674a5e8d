<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\Recorded;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Admission;
use Marrow\Core\Folding\Course;
use Marrow\Core\Folding\Question;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Kind;

/** A sort of things that entries are about: how one is found and begun, and whether an entry fits it. Found by its subject. */
interface RecordedSubject extends OfSubject
{
    /** The table that holds them, by `id`. */
    public function table(): string;

    public function find(string $id): ?Recorded;

    /** What one is called that is kept no more; null of one that is, and of what is not there. */
    public function goneBy(string $id): ?string;

    /** It is there again, or was all the time. */
    public function comeBack(string $id): void;

    /**
     * Where a draft says what the thing is, though it stands already, it must be that.
     *
     * @throws Refused
     */
    public function mustBe(Recorded $thing, Draft $draft): void;

    /** @throws Refused when such a thing does not begin with an entry */
    public function begin(Draft $draft, Begins $begins, Kind $kind): Recorded;

    /**
     * @param  list<Entry>  $entries  what bears on it so far
     * @param  ?string  $replaces  id of the one that it corrects
     * @param  ?Course  $before  what bears on it so far, folded, where it has been
     *
     * @throws Refused when the entry cannot be so
     */
    public function admit(Recorded $thing, array $entries, Entry $entry, ?string $replaces = null, ?Course $before = null): Admission;

    /**
     * @param  list<Entry>  $entries  what bears on it so far
     * @return list<string> why something of it would no longer fit without one of these
     */
    public function leftAdrift(Recorded $thing, array $entries, string $without): array;

    /** @return list<Question> about other things that the entry bears on */
    public function alsoAsks(Recorded $thing, Entry $entry): array;
}
