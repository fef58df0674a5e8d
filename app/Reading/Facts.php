<?php

declare(strict_types=1);

namespace App\Reading;

use App\Handbook\OwnFigures;
use App\Lineage\Crossings;
use App\Models\Lot;
use App\Models\Place;
use App\Models\Planting;
use App\Models\Variety;
use Closure;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\CropTitle;
use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Sequence;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\LotFacts;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Planting\PlantingFacts;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Breeding\CrossPicked;
use Marrow\Core\Steps\Growing\SeedLot;
use Marrow\Core\Steps\Growing\Sown;
use Marrow\Core\Steps\Holding\Holdings;
use Marrow\Core\Steps\Origin\PouredTogether;
use Marrow\Core\Steps\Origin\SetApart;
use Marrow\Core\Steps\Origin\Source;
use Marrow\Core\Steps\Pollinating\HandPollinated;
use Marrow\Core\Steps\Pollinating\PollenPlanting;
use Marrow\Core\Steps\Storing\StoredAt;
use Marrow\Core\Steps\Tending\SickSeen;
use Marrow\Core\Storage\StorePace;

/** Reads what is known of lots and plantings, and folds them. */
final class Facts
{
    private const AT_A_TIME = 100;

    /** @var list<string> ids of plantings that may all be asked for while many things are read */
    private array $together = [];

    /** @var array<string, array<int, non-empty-list<Entry>>> as JournalReader::pickings(), of each of those once one was asked for */
    private array $pickings = [];

    /** @var array<string, Lot> that those were sown from */
    private array $seedLots = [];

    public function __construct(
        private readonly JournalReader $journal,
        private readonly CropReference $crops,
        private readonly OwnFigures $own,
        private readonly Crossings $crossings,
        private readonly StorePaces $paces,
        private readonly Stores $stores,
        private readonly YearsWarmth $warmth,
        public readonly Practice $practice,
    ) {}

    public function crop(Variety $variety): Crop
    {
        return $this->own->ofVariety($this->crops, $variety->crop, $variety->id);
    }

    /** The crop of a variety as lists show it. */
    public function title(Variety $variety): CropTitle
    {
        return $this->own->titleOfVariety($this->crops, $variety->crop, $variety->id);
    }

    /** @param  list<Entry>  $entries  of the lot, those to come among them */
    public function ofLot(Lot $lot, array $entries = []): LotFacts
    {
        return new LotFacts(
            $lot->code(),
            $this->crop($lot->variety),
            $this->sownAt($lot),
            [],
            $this->crossings->of($lot->id) !== null,
            $this->paces->of($lot->id),
            $this->stores->holdings(),
            $this->crossings->of($lot->id)?->cameToLight,
            $this->sources($entries),
            $this->crossings->sisterOf($lot->id)?->cameToLight,
            $this->sickAmong($lot),
            $this->grownOut($entries),
            $this->pollen($entries),
            $this->splits($lot),
        );
    }

    /**
     * The lots that one was poured together from, or set apart from, as they stood before that.
     *
     * @param  list<Entry>  $entries
     * @return array<string, Source> by id
     */
    private function sources(array $entries): array
    {
        $sources = [];
        foreach ($entries as $entry) {
            $of = match (true) {
                $entry->heardAs !== null => [],
                $entry->payload instanceof PouredTogether => [$entry->payload->lot, $entry->payload->other],
                $entry->payload instanceof SetApart => [$entry->payload->lot],
                default => [],
            };
            foreach ($of === [] ? [] : Lot::query()->with(['variety', 'planting.variety'])->findMany($of) as $lot) {
                $before = $this->lotBefore($lot, $entry->happenedAt);
                $sources[$lot->id] = new Source($before->stock->stock->seeds(), $before->origin);
            }
        }

        return $sources;
    }

    public function lot(Lot $lot): LotCourse
    {
        $entries = $this->journal->of(Subject::Lot, $lot->id);

        return LotCourse::fold($this->ofLot($lot, $entries), $entries, $this->practice);
    }

    /**
     * What a lot is folded from, and what its journal shows, is read at once.
     *
     * @template T
     *
     * @param  Closure(): T  $with
     * @return T
     */
    public function around(Lot $lot, Closure $with): mixed
    {
        return $this->journal->ahead([Subject::Lot->value => [$lot->id], Subject::Planting->value => $lot->planting === null ? [] : [$lot->planting->id]], $with);
    }

    /**
     * Many lots, with what is known of each: what they need is read for a hundred at a time.
     *
     * @template T
     *
     * @param  Collection<int, Lot>  $lots  with `planting` loaded
     * @param  Closure(Lot, LotCourse): T  $with  writes nothing into the journal
     * @return list<T> in the order given
     */
    public function each(Collection $lots, Closure $with): array
    {
        $done = [];
        foreach ($lots->chunk(self::AT_A_TIME) as $some) {
            $ids = [Subject::Lot->value => array_values($some->map(static fn (Lot $lot): string => $lot->id)->all()), Subject::Planting->value => array_values($some->map(static fn (Lot $lot): ?string => $lot->planting?->id)->filter()->unique()->all())];
            try {
                $this->together = $ids[Subject::Planting->value];
                array_push($done, ...$this->journal->ahead($ids, fn (): array => array_values($some->map(fn (Lot $lot): mixed => $with($lot, $this->lot($lot)))->all())));
            } finally {
                $this->together = $this->pickings = [];
            }
        }

        return $done;
    }

    /**
     * As it stood at a moment, before anything that happened then. By the model alone: what other lots have taught since was
     * not known.
     */
    public function lotBefore(Lot $lot, DateTimeImmutable $at): LotCourse
    {
        $entries = $this->journal->from(new Viewpoint(before: $at))->of(Subject::Lot, $lot->id);
        $facts = $this->ofLot($lot, $entries);

        return LotCourse::fold(new LotFacts($facts->code, $facts->crop, $facts->sownAt, [], $facts->crossed, null, $facts->holdings(), sources: $facts->sources, pollen: $facts->pollen), $entries, $this->practice);
    }

    /** @param  list<Entry>  $entries  of the planting, those to come among them */
    public function ofPlanting(Planting $planting, array $entries): PlantingFacts
    {
        [$pickedAt, $pickedAs] = self::firstPicked($this->pickings($planting->id));

        return new PlantingFacts($this->crop($planting->variety), $planting->variety_id, $pickedAt, $pickedAs, $this->seedLots($entries), $this->pollen($entries), $planting->variety->type->line(), $this->practice->year->frosts, $this->warmth->get(), $this->practice);
    }

    public function planting(Planting $planting): PlantingCourse
    {
        $entries = $this->journal->of(Subject::Planting, $planting->id);

        return PlantingCourse::fold($this->ofPlanting($planting, $entries), $entries);
    }

    /** As it stood at a moment, before anything that happened then. */
    public function plantingBefore(Planting $planting, DateTimeImmutable $at): PlantingCourse
    {
        $entries = $this->journal->from(new Viewpoint(before: $at))->of(Subject::Planting, $planting->id);

        return PlantingCourse::fold($this->ofPlanting($planting, $entries), $entries);
    }

    /**
     * Many plantings, with what is known of each; read as lots are.
     *
     * @param  Collection<int, Planting>  $plantings  with `variety` loaded
     * @return array<string, PlantingCourse> by id
     */
    public function plantings(Collection $plantings): array
    {
        $courses = [];
        foreach ($plantings->chunk(self::AT_A_TIME) as $some) {
            $ids = array_values($some->map(static fn (Planting $planting): string => $planting->id)->all());
            try {
                $this->together = $ids;
                $this->seedLots = Tagged::lots($this->journal->referredTo(Subject::Planting, $ids, Subject::Lot));
                $courses += $this->journal->ahead([Subject::Planting->value => $ids], function () use ($some): array {
                    $courses = [];
                    foreach ($some as $planting) {
                        $courses[$planting->id] = $this->planting($planting);
                    }

                    return $courses;
                });
            } finally {
                $this->together = $this->pickings = $this->seedLots = [];
            }
        }

        return $courses;
    }

    /** What was kept of places, or of other lots, has changed. */
    public function forget(): void
    {
        $this->stores->forget();
        $this->paces->forget();
    }

    /**
     * What was sown from a lot, and when seed of that was first picked.
     *
     * @param  list<Entry>  $entries  of the lot
     * @return list<array{sown: DateTimeImmutable, picked: ?DateTimeImmutable}>
     */
    private function grownOut(array $entries): array
    {
        $sown = array_values(array_filter(Sequence::of($entries)->standing, static fn (Entry $entry): bool => $entry->heardAs !== null && $entry->payload instanceof Sown));
        if ($sown === []) {
            return [];
        }
        /** @var array<string, string> $ids of the plantings, by entry */
        $ids = DB::table('journal_entries')->whereIn('id', array_map(static fn (Entry $entry): string => $entry->id, $sown))->pluck('subject_id', 'id')->all();
        $picked = $this->journal->pickings(array_values($ids));

        return array_map(static fn (Entry $entry): array => [
            'sown' => $entry->happenedAt,
            'picked' => self::firstPicked($picked[$ids[$entry->id] ?? ''] ?? [])[0],
        ], $sown);
    }

    /** Whether its plants are to be expected to differ: being of a hybrid or a cross. Where its tag was read, that says it of what is called otherwise. */
    private function splits(Lot $lot): bool
    {
        return in_array($lot->variety->type, [VarietyType::Hybrid, VarietyType::Stabilising], true) || ($lot->relationLoaded('standing') && ($lot->standing->generation ?? '') !== '');
    }

    /** Whether sick plants that nobody pulled stood among those it was picked from. */
    private function sickAmong(Lot $lot): bool
    {
        return $lot->planting !== null && array_any(
            Sequence::of($this->journal->of(Subject::Planting, $lot->planting->id))->standing,
            static fn (Entry $entry): bool => $entry->payload instanceof SickSeen && ! $entry->payload->pulled,
        );
    }

    private function sownAt(Lot $lot): ?DateTimeImmutable
    {
        $planting = $lot->planting;
        if ($planting === null) {
            return null;
        }
        foreach (Sequence::of($this->journal->of(Subject::Planting, $planting->id))->standing as $entry) {
            if ($entry->payload instanceof Sown) {
                return $entry->happenedAt;
            }
        }

        return null;
    }

    /**
     * From the journal itself, not from the planting's projection: the journal is what everything is reckoned from.
     *
     * @return array<int, non-empty-list<Entry>> by number of the lot, rising
     */
    private function pickings(string $planting): array
    {
        if (! in_array($planting, $this->together, true)) {
            return $this->journal->pickings([$planting])[$planting] ?? [];
        }
        if ($this->pickings === []) {
            $this->pickings = $this->journal->pickings($this->together) + array_fill_keys($this->together, []);
        }

        return $this->pickings[$planting];
    }

    /**
     * @param  array<int, non-empty-list<Entry>>  $pickings  by number of the lot, rising
     * @return array{?DateTimeImmutable, string} when, and the code of the lot
     */
    private static function firstPicked(array $pickings): array
    {
        $first = [null, ''];
        foreach ($pickings as $number => $entries) {
            foreach (Sequence::of($entries)->standing as $entry) {
                if ($first[0] === null || $entry->happenedAt < $first[0]) {
                    $first = [$entry->happenedAt, "L$number"];
                }
            }
        }

        return $first;
    }

    /** How seed ages in this store, for a lot that has no test of its own. */
    public function store(): StorePace
    {
        return $this->paces->ofUntested();
    }

    /**
     * @param  list<Entry>  $entries
     * @return array<string, SeedLot>
     */
    private function seedLots(array $entries): array
    {
        $ids = [];
        foreach ($entries as $entry) {
            if ($entry->payload instanceof Sown && $entry->payload->lot !== null) {
                $ids[$entry->payload->lot] = true;
            }
        }
        $lots = [...array_intersect_key($this->seedLots, $ids), ...Tagged::lots(array_map(strval(...), array_keys(array_diff_key($ids, $this->seedLots))))];

        return array_map(static fn (Lot $lot): SeedLot => new SeedLot($lot->code(), $lot->variety->crop, $lot->variety_id, $lot->variety->name), $lots);
    }

    /**
     * @param  list<Entry>  $entries
     * @return array<string, PollenPlanting>
     */
    private function pollen(array $entries): array
    {
        $ids = array_filter(array_map(static fn (Entry $entry): ?string => $entry->heardAs === null && ($entry->payload instanceof HandPollinated || $entry->payload instanceof CrossPicked) ? $entry->payload->pollen : null, $entries));
        if ($ids === []) {
            return [];
        }

        return array_map(function (Planting $planting): PollenPlanting {
            $crop = $this->crops->get($planting->variety->crop);

            return new PollenPlanting($planting->code(), $crop->species(), $planting->variety_id, $planting->variety->name, $crop->family);
        }, Tagged::plantings($ids));
    }

    /** What the fold must know of a place, those that are yet to be kept among them. */
    public function storedAt(Place $place): StoredAt
    {
        return $this->stores->storedAt($place);
    }

    public function holdings(): Holdings
    {
        return $this->stores->holdings();
    }
}
