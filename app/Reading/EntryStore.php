<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Bulk;
use App\Models\JournalEntry;
use App\Moment;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Sequence;
use Marrow\Core\Journal\Struck;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Registered;
use Marrow\Core\Steps\Origin\Picked;

/** Reads journal rows into the core's entries. */
final class EntryStore
{
    /** @var array<string, Collection<int, JournalEntry>> by subject and id, while many things are read one after the other */
    private static array $rowsAhead = [];

    /** @var array<string, list<Entry>> as they are heard of */
    private static array $heardAhead = [];

    /** @var array<string, array<string, string>>|null ids by entry and role; null while nothing is read ahead */
    private static ?array $referencesAhead = null;

    /**
     * Reads at once what will be asked for one by one. Within another such reading only what that has not read is read.
     *
     * @template T
     *
     * @param  array<string, list<string>>  $ids  by subject
     * @param  \Closure(): T  $meanwhile  writes nothing into the journal
     * @return T
     */
    public static function ahead(array $ids, \Closure $meanwhile): mixed
    {
        $before = [self::$rowsAhead, self::$heardAhead, self::$referencesAhead];
        try {
            foreach ($ids as $subject => $things) {
                $things = array_values(array_filter($things, static fn (string $id): bool => ! isset(self::$rowsAhead[$subject.$id])));
                if ($things === []) {
                    continue;
                }
                foreach ($things as $id) {
                    self::$rowsAhead[$subject.$id] = new Collection;
                    self::$heardAhead[$subject.$id] = [];
                }
                $all = self::journal(Subject::from($subject), $things);
                self::$referencesAhead = [...self::$referencesAhead ?? [], ...self::references($all)];
                foreach ($all->groupBy(static fn (JournalEntry $row): string => $row->subject_id) as $id => $rows) {
                    self::$rowsAhead[$subject.$id] = $rows;
                }
                foreach (self::referring(Subject::from($subject), $things)->groupBy(static fn (JournalEntry $row): string => (string) $row->getAttribute('ref_id')) as $id => $rows) {
                    self::$heardAhead[$subject.$id] = self::asHeard($rows);
                }
            }

            return $meanwhile();
        } finally {
            [self::$rowsAhead, self::$heardAhead, self::$referencesAhead] = $before;
        }
    }

    /**
     * Everything that bears on a thing: what was recorded of it, and what was recorded of others and refers to it.
     *
     * @return list<Entry>
     */
    public static function of(Subject $subject, string $id): array
    {
        return [...self::entries(self::rows($subject, $id)), ...self::heard($subject, $id)];
    }

    /** @return Collection<int, JournalEntry> what was recorded of a thing itself, in the order of the journal */
    public static function rows(Subject $subject, string $id): Collection
    {
        return self::$rowsAhead[$subject->value.$id] ?? self::journal($subject, [$id]);
    }

    /** @return Collection<int, JournalEntry> what was recorded of others, refers to a thing and was not struck, newest first */
    public static function heardRows(Subject $subject, string $id): Collection
    {
        $rows = self::referring($subject, [$id]);
        if ($rows->isEmpty()) {
            return $rows;
        }
        $struck = Sequence::of(self::asHeard($rows))->struck;

        return $rows->filter(static fn (JournalEntry $row): bool => ! isset($struck[$row->id]))->sortByDesc('happened_at')->values();
    }

    /** @return Collection<int, JournalEntry> all that was recorded of some sorts of things, of which there are few */
    public static function ofSubjects(Subject ...$subjects): Collection
    {
        return self::read('SELECT * FROM journal_entries WHERE subject IN (:each) ORDER BY happened_at, ord', array_values(array_map(static fn (Subject $subject): string => $subject->value, $subjects)));
    }

    /**
     * @param  list<string>  $ids
     * @return list<string> ids of all of a sort that was referred to in what was recorded of these
     */
    public static function referredTo(Subject $subject, array $ids, Subject $to): array
    {
        if ($ids === []) {
            return [];
        }
        // By the few entries, not by all that was ever referred to.
        $rows = DB::select(
            'SELECT DISTINCT r.subject_id AS id FROM journal_entries e CROSS JOIN entry_refs r ON r.entry_id = e.id WHERE e.subject = ? AND e.subject_id IN ('.Bulk::marks($ids).') AND +r.subject = ?',
            [$subject->value, ...$ids, $to->value],
        );

        return array_values(array_filter(array_column($rows, 'id'), is_string(...)));
    }

    /**
     * The pickings of plantings, which stand in the journals of their lots, with the strikes there, for all of them at once.
     *
     * @param  list<string>  $plantings  ids
     * @return array<string, array<int, non-empty-list<Entry>>> by planting, and by number of the lot, rising
     */
    public static function pickings(array $plantings): array
    {
        $kinds = [Registered::kind(Picked::class)->name, Registered::kind(Struck::class)->name];
        $rows = $plantings === [] ? [] : self::read(
            // From the plantings to their lots to what was recorded of these: left to choose, SQLite goes through the journal.
            "SELECT e.*, o.planting_id, l.number AS lot FROM lot_origins o CROSS JOIN lots l ON l.id = o.lot_id
             CROSS JOIN journal_entries e ON e.subject = 'lot' AND e.subject_id = l.id AND e.kind IN (?, ?)
             WHERE o.planting_id IN (:each) ORDER BY l.number, e.happened_at, e.ord",
            $plantings,
            ...$kinds,
        );
        $pickings = [];
        foreach ($rows as $row) {
            /** @var JournalEntry&object{planting_id: string, lot: int} $row */
            $pickings[$row->planting_id][$row->lot][] = self::entry($row);
        }

        return $pickings;
    }

    /**
     * @param  list<string>  $ids
     * @return Collection<int, JournalEntry> what was recorded of these, in the order of the journal
     */
    private static function journal(Subject $subject, array $ids): Collection
    {
        return self::read('SELECT * FROM journal_entries WHERE subject = ? AND subject_id IN (:each) ORDER BY happened_at, ord', $ids, $subject->value);
    }

    /**
     * @param  list<string>  $ids
     * @return Collection<int, JournalEntry> what was recorded of others and refers to these, with the `role` that each has there and its `ref_id`
     */
    private static function referring(Subject $subject, array $ids): Collection
    {
        return self::read('SELECT e.*, r.role, r.subject_id AS ref_id FROM journal_entries e JOIN entry_refs r ON r.entry_id = e.id WHERE r.subject = ? AND r.subject_id IN (:each)', $ids, $subject->value);
    }

    /**
     * @param  string  $query  with :each where the ids stand
     * @param  list<string>  $ids
     * @return Collection<int, JournalEntry>
     */
    private static function read(string $query, array $ids, string ...$before): Collection
    {
        return JournalEntry::query()->fromQuery(str_replace(':each', Bulk::marks($ids), $query), [...array_values($before), ...$ids]);
    }

    /**
     * @param  Collection<int, JournalEntry>  $rows
     * @return list<Entry>
     */
    public static function entries(Collection $rows): array
    {
        // What was not read ahead is asked for.
        $references = self::$referencesAhead !== null && $rows->every(static fn (JournalEntry $row): bool => isset(self::$rowsAhead[$row->subject.$row->subject_id]))
            ? self::$referencesAhead : self::references($rows);

        return array_values($rows->map(static fn (JournalEntry $row): Entry => self::entry($row, $references[$row->id] ?? []))->all());
    }

    /**
     * @param  array<string, string>  $references  ids by role; what an entry refers to is known by them, though its own words may be older
     */
    public static function entry(JournalEntry $row, array $references = [], ?string $heardAs = null): Entry
    {
        $kinds = Registered::kinds();
        /** @var array<string, mixed> $payload */
        $payload = json_decode($row->payload, true, flags: JSON_THROW_ON_ERROR);
        $kind = $kinds->named($row->kind) ?? throw new \RuntimeException("The journal holds entries of a kind that this program does not know: $row->kind.");

        return new Entry($row->id, $row->ord, $kind, $kinds->revive($row->kind, [...$payload, ...$references]), Moment::read($row->happened_at), $heardAs);
    }

    /** @return list<Entry> */
    private static function heard(Subject $subject, string $id): array
    {
        return self::$heardAhead[$subject->value.$id] ?? self::asHeard(self::referring($subject, [$id]));
    }

    /**
     * @param  Collection<int, JournalEntry>  $rows
     * @return list<Entry>
     */
    private static function asHeard(Collection $rows): array
    {
        if ($rows->isEmpty()) {
            return [];
        }
        $references = self::references($rows);
        $strikes = JournalEntry::query()->where('kind', 'struck')->whereIn('subject_id', $rows->pluck('subject_id')->unique()->all())->get();

        return [
            ...array_values($rows->map(static fn (JournalEntry $row): Entry => self::entry($row, $references[$row->id] ?? [], (string) $row->getAttribute('role')))->all()),
            ...array_values($strikes->map(static fn (JournalEntry $row): Entry => self::entry($row))->all()),
        ];
    }

    /**
     * @param  Collection<int, JournalEntry>  $rows
     * @return array<string, array<string, string>> ids by entry and role
     */
    private static function references(Collection $rows): array
    {
        $kinds = Registered::kinds();
        $ids = [];
        foreach ($rows as $row) {
            if (($kinds->named($row->kind)?->references() ?? []) !== []) {
                $ids[] = $row->id;
            }
        }
        $references = [];
        foreach ($ids === [] ? [] : DB::table('entry_refs')->whereIn('entry_id', $ids)->get() as $reference) {
            /** @var object{entry_id: string, role: string, subject_id: string} $reference */
            $references[$reference->entry_id][$reference->role] = $reference->subject_id;
        }

        return $references;
    }
}
