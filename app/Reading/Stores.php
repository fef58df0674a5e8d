<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Bulk;
use App\Models\Container;
use App\Models\JournalEntry;
use App\Models\Lot;
use App\Models\Place;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Holding\ContainerCourse;
use Marrow\Core\Steps\Holding\Holder;
use Marrow\Core\Steps\Holding\Holdings;
use Marrow\Core\Steps\Holding\PlaceCourse;
use Marrow\Core\Steps\Holding\Surroundings;
use Marrow\Core\Steps\Storing\ContainerKind;
use Marrow\Core\Steps\Storing\StoredAt;

/** Places and containers as the journal has them, and which lots lie in them. */
final class Stores
{
    private ?Holdings $holdings = null;

    public function __construct(private readonly JournalReader $journal, private readonly Practice $practice) {}

    /** Each place and container is read when it is first asked for. */
    public function holdings(): Holdings
    {
        return $this->holdings ??= new Holdings(
            [],
            [],
            fn (string $id): ?Surroundings => ($place = Place::query()->find($id)) === null ? null : $this->place($place)->surroundings(),
            fn (string $id): ?Holder => ($container = Container::query()->where('name', '!=', '')->find($id)) === null ? null : self::holder($container, $this->entries($this->journal->rows(Subject::Container, $id))),
        );
    }

    /** All of them at once, for who is going to ask for each. */
    public function readAll(): void
    {
        $this->holdings = $this->read();
    }

    /**
     * As people number their shelves and boxes: 2 before 10.
     *
     * @template T of Place|Container
     *
     * @param  Collection<int, T>  $holders
     * @return list<T>
     */
    public static function byName(Collection $holders): array
    {
        return array_values($holders->sortBy('name', SORT_NATURAL | SORT_FLAG_CASE)->all());
    }

    /** What was kept of places or containers has changed. */
    public function forget(): void
    {
        $this->holdings = null;
    }

    /** What the fold must know of a place, those that are yet to be kept among them. */
    public function storedAt(Place $place): StoredAt
    {
        return match ($place->air_known) {
            Place::NOTHING_KNOWN => new StoredAt($place->name, $this->practice->number('room_temperature'), $this->practice->number('room_rh'), false),
            Place::TEMPERATURE_KNOWN => new StoredAt($place->name, $place->temperature_c, $this->practice->number('room_rh'), true, false),
            default => new StoredAt($place->name, $place->temperature_c, $place->rh),
        };
    }

    /**
     * Lots that lie in a container, or in one that lies in it.
     *
     * @return Collection<int, Lot>
     */
    public function lotsIn(string $container): Collection
    {
        return Lot::query()->with(['variety', 'standing', 'planting.variety'])->findMany($this->idsIn($container))->values();
    }

    /** @return list<string> ids of lots that lie in a container, or in one that lies in it */
    public function idsIn(string $container): array
    {
        $within = $this->within($container);

        return self::lots(DB::table('lot_containers')->where(static fn ($query) => $query->whereIn('inside', $within)->orWhere('container_id', $container)));
    }

    /** @return list<string> ids of lots that lie in a place, in whatever */
    public function idsAt(string $place): array
    {
        return self::lots(DB::table('lot_containers')->where('place_id', $place));
    }

    /**
     * @param  array<array-key, string>  $ids  of places and of containers
     * @return array<string, int> how many lots lie in each, however deep
     */
    public function counts(array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        $each = Bulk::marks($ids);
        $rows = DB::select(
            "SELECT p.id, (SELECT count(DISTINCT l.lot_id) FROM lot_containers l WHERE l.place_id = p.id) AS n FROM places p WHERE p.id IN ($each)
             UNION ALL
             SELECT c.id, (
                WITH RECURSIVE within (id) AS (SELECT c.id UNION SELECT k.id FROM within w JOIN containers k ON k.inside = w.id WHERE k.name != '')
                SELECT count(DISTINCT lot_id) FROM (
                    SELECT l.lot_id FROM within w JOIN lot_containers l ON l.inside = w.id
                    UNION ALL
                    SELECT l.lot_id FROM lot_containers l WHERE l.container_id = c.id
                )
             ) FROM containers c WHERE c.id IN ($each)",
            [...array_values($ids), ...array_values($ids)],
        );
        $counts = [];
        foreach ($rows as $row) {
            /** @var object{id: string, n: int} $row */
            $counts[$row->id] = $row->n;
        }

        return $counts;
    }

    /** A place with all that was recorded of it. */
    public function place(Place $place): PlaceCourse
    {
        return PlaceCourse::fold($place->id, $this->storedAt($place), $this->journal->of(Subject::Place, $place->id));
    }

    /** A container with all that was recorded of it, where all the others stood. */
    public function container(Container $container): ContainerCourse
    {
        return ContainerCourse::fold($container->id, $container->name, $this->holdings(), $this->journal->of(Subject::Container, $container->id));
    }

    /**
     * Those that ever lay in one of these, or in what ever lay in one: moved late, it moves what lay in it then, and a place's air is theirs.
     *
     * @param  list<string>  $holders  ids of places and containers
     * @return array{list<string>, list<string>} ids of lots, and of the containers that they lay in
     */
    public function everIn(array $holders): array
    {
        $lots = [];
        $known = array_fill_keys($holders, true);
        $through = [];
        for ($next = $holders; $next !== [];) {
            $named = DB::table('entry_refs')
                ->join('journal_entries', 'journal_entries.id', '=', 'entry_refs.entry_id')
                ->whereIn('entry_refs.subject', [Subject::Container->value, Subject::Place->value])->whereIn('entry_refs.subject_id', $next)
                ->whereIn('journal_entries.subject', [Subject::Lot->value, Subject::Container->value])
                ->distinct()->get(['journal_entries.subject', 'journal_entries.subject_id']);
            $next = [];
            foreach ($named as $row) {
                /** @var object{subject: string, subject_id: string} $row */
                if ($row->subject === Subject::Lot->value) {
                    $lots[$row->subject_id] = true;
                } elseif (! isset($known[$row->subject_id])) {
                    $known[$row->subject_id] = $through[$row->subject_id] = true;
                    $next[] = $row->subject_id;
                }
            }
        }

        return [array_map(strval(...), array_keys($lots)), array_map(strval(...), array_keys($through))];
    }

    /** Where a container lies now, in its own row, so that what is in it is found. */
    public function keepPlace(string $container): void
    {
        $last = $this->holdings()->lastMove($container)?->placed;
        DB::table('containers')->where('id', $container)->update(['place_id' => $last?->placeId, 'inside' => $last?->inside]);
    }

    public function placeAll(): void
    {
        $this->readAll();
        foreach (DB::table('containers')->where('name', '!=', '')->pluck('id') as $id) {
            if (is_string($id)) {
                $this->keepPlace($id);
            }
        }
    }

    /** @return list<string> ids of a container and of those with a name that lie in it, however deep: a lot's own holds no other */
    public function within(string $container): array
    {
        $all = DB::select("WITH RECURSIVE within (id) AS (SELECT ? UNION SELECT c.id FROM containers c JOIN within w ON c.inside = w.id WHERE c.name != '') SELECT id FROM within", [$container]);

        return array_values(array_filter(array_map(static fn (object $row): mixed => ((array) $row)['id'], $all), is_string(...)));
    }

    /** @return list<string> */
    private static function lots(Builder $rows): array
    {
        return array_values(array_filter($rows->distinct()->pluck('lot_id')->all(), is_string(...)));
    }

    private function read(): Holdings
    {
        $entries = $this->entries($this->journal->ofSubjects(Subject::Place, Subject::Container));
        $places = [];
        foreach (Place::query()->get() as $place) {
            $places[$place->id] = $this->surroundings($place, $entries);
        }
        $holders = [];
        foreach (Container::query()->where('name', '!=', '')->get() as $container) {
            $holders[$container->id] = self::holder($container, $entries);
        }

        return new Holdings($places, $holders);
    }

    /** @param  array<string, list<Entry>>  $entries */
    private function surroundings(Place $place, array $entries): Surroundings
    {
        return PlaceCourse::fold($place->id, $this->storedAt($place), $entries[Subject::Place->value.$place->id] ?? [])->surroundings();
    }

    /** @param  array<string, list<Entry>>  $entries */
    private static function holder(Container $container, array $entries): Holder
    {
        return ContainerCourse::fold($container->id, $container->name, null, $entries[Subject::Container->value.$container->id] ?? [])->holder(ContainerKind::from($container->kind));
    }

    /**
     * @param  Collection<int, JournalEntry>  $rows
     * @return array<string, list<Entry>> by subject and id of what they were recorded of
     */
    private function entries(Collection $rows): array
    {
        $entries = [];
        foreach ($this->journal->entries($rows) as $i => $entry) {
            $row = $rows[$i];
            if ($row !== null) {
                $entries[$row->subject.$row->subject_id][] = $entry;
            }
        }

        return $entries;
    }
}
