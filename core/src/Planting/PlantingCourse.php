<?php

declare(strict_types=1);

namespace Marrow\Core\Planting;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Admission;
use Marrow\Core\Folding\Course;
use Marrow\Core\Folding\Folded;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Steps\Choosing\ChoosingStrand;
use Marrow\Core\Steps\Growing\GrowingStrand;
use Marrow\Core\Steps\Marks\MarkStrand;
use Marrow\Core\Steps\Notes\NotesStrand;
use Marrow\Core\Steps\Pollinating\PollinatingStrand;
use Marrow\Core\Steps\PutOff\PutOffStrand;
use Marrow\Core\Steps\Ripening\RipeningStrand;
use Marrow\Core\Steps\Shelf\ShelfStrand;
use Marrow\Core\Steps\Tasting\TastingStrand;
use Marrow\Core\Steps\Tending\TendingStrand;
use Marrow\Core\Steps\Trueness\TruenessStrand;
use Marrow\Core\Work\Place;
use Marrow\Core\Year\Warmth;

/** Everything that is known of a planting. Its strands are the properties, in the order of the work: a new step of the work is a property here. */
final class PlantingCourse extends Folded
{
    public readonly NotesStrand $notes;

    public readonly GrowingStrand $growing;

    public readonly TendingStrand $tending;

    public readonly TruenessStrand $trueness;

    public readonly PollinatingStrand $pollinating;

    public readonly ChoosingStrand $choosing;

    public readonly ShelfStrand $shelf;

    public readonly TastingStrand $tasting;

    public readonly MarkStrand $marks;

    public readonly RipeningStrand $ripening;

    public readonly PutOffStrand $putOff;

    private function __construct(public readonly PlantingFacts $facts)
    {
        $this->notes = new NotesStrand;
        $this->growing = new GrowingStrand($facts->crop, $facts->variety, $facts->pickedAt, $facts->pickedAs, $facts->lots, $facts->practice->year->shiftOf($facts->crop->growing), $facts->frosts, $facts->made !== null, $facts->warmth ?? Warmth::unknown(), ! $facts->practice->year->cannotBloom($facts->crop));
        $this->tending = new TendingStrand($this->growing);
        $this->trueness = new TruenessStrand($facts->crop, $this->growing, $this->tending, $facts->made);
        $this->pollinating = new PollinatingStrand($facts->crop, $facts->variety, $this->growing, $this->tending, $facts->pollen);
        $this->choosing = new ChoosingStrand($facts->crop, $this->growing, $this->tending, $facts->practice);
        $this->shelf = new ShelfStrand($facts->crop, $this->growing, $facts->practice);
        $this->tasting = new TastingStrand($this->growing, $this->choosing, $this->shelf);
        $this->marks = new MarkStrand;
        $this->ripening = new RipeningStrand($facts->crop, $this->growing, $this->tending, $this->marks, $facts->practice);
        $this->putOff = new PutOffStrand($facts->practice->year->shift->turn);
    }

    /** @param  list<Entry>  $entries  in any order */
    public static function fold(PlantingFacts $facts, array $entries): self
    {
        $planting = new self($facts);
        $planting->course = Course::fold($planting->strands(), $entries);

        return $planting;
    }

    /**
     * What one more entry would do to the planting.
     *
     * @param  list<Entry>  $entries  recorded so far
     *
     * @throws Refused when it cannot be true whatever else is
     */
    public static function admit(PlantingFacts $facts, array $entries, Entry $candidate, ?string $replaces = null, ?Course $before = null): Admission
    {
        return Course::admit(static fn (): array => (new self($facts))->strands(), $entries, $candidate, $replaces, $before);
    }

    /**
     * @param  list<Entry>  $entries
     * @return list<string> why something would no longer fit without that entry
     */
    public static function leftWithout(PlantingFacts $facts, array $entries, string $id): array
    {
        return Course::leftWithout(static fn (): array => (new self($facts))->strands(), $entries, $id);
    }

    public function place(): Place
    {
        return Place::Plot;
    }

    protected function leaves(array $tasks): array
    {
        return $this->putOff->leaves($tasks);
    }
}
