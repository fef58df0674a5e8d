<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Bulk;
use App\Models\JournalEntry;
use App\Moment;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Sequence;
use Marrow\Core\Journal\Struck;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Steps\Breeding\CrossPicked;
use Marrow\Core\Steps\Origin\CutDown;
use Marrow\Core\Steps\Origin\Picked;
use Marrow\Core\Things\Registered;

/**
 * The journal as the core reads it: one reader a request, by which whatever is shown and whatever is recorded is read. What is
 * going to be asked for is read at once (`ahead`); while something is written, nothing is read twice (`remember`).
 */
final class JournalReader
{
    /** How many of those who called are still at work with what is remembered. */
    private int $open = 0;

    /** @var array<string, Collection<int, JournalEntry>> by subject and id */
    private array $rows = [];

    /** @var array<string, array{Collection<int, JournalEntry>, Collection<int, JournalEntry>}> what was recorded of others and refers to it, and the strikes there */
    private array $referring = [];

    /** @var array<string, list<Entry>> those, as they are heard of from here */
    private array $heard = [];

    /** @var array<string, array<string, string>> ids by entry and role, of all rows that are remembered */
    private array $references = [];

    private Viewpoint $seenFrom;

    public function __construct()
    {
        $this->seenFrom = new Viewpoint;
    }

    /** From where this request looks: all that it shows is read from there. What is recorded is recorded today. */
    public function lookFrom(Viewpoint $viewpoint): void
    {
        $this->seenFrom = $viewpoint;
        $this->heard = [];
    }

    /** The same journal from somewhere else. */
    public function from(Viewpoint $viewpoint): self
    {
        $from = clone $this;
        $from->seenFrom = $viewpoint;
        $from->heard = [];

        return $from;
    }

    /**
     * What is read meanwhile is read once. Nobody else may write meanwhile.
     *
     * @template T
     *
     * @param  \Closure(): T  $meanwhile  tells of what it writes (`added`)
     * @return T
     */
    public function remember(\Closure $meanwhile): mixed
    {
        $this->open++;
        try {
            return $meanwhile();
        } finally {
            if (--$this->open === 0) {
                $this->rows = $this->referring = $this->heard = $this->references = [];
            }
        }
    }

    /**
     * Reads at once what will be asked for one by one.
     *
     * @template T
     *
     * @param  array<string, list<string>>  $ids  by subject
     * @param  \Closure(): T  $meanwhile
     * @return T
     */
    public function ahead(array $ids, \Closure $meanwhile): mixed
    {
        return $this->remember(function () use ($ids, $meanwhile): mixed {
            foreach ($ids as $subject => $things) {
                $this->readRows(Subject::from($subject), $things);
                $this->readReferring(Subject::from($subject), $things);
            }

            return $meanwhile();
        });
    }

    /**
     * An entry that was written while what is read is remembered.
     *
     * @param  array<string, array{Subject, string}>  $references  what it refers to, by role
     */
    public function added(JournalEntry $row, array $references = []): void
    {
        $mark = $row->subject.$row->subject_id;
        if (isset($this->rows[$mark])) {
            $this->rows[$mark] = $this->rows[$mark]->concat([$row])->sort(static fn (JournalEntry $a, JournalEntry $b): int => [$a->happened_at, $a->ord] <=> [$b->happened_at, $b->ord])->values();
            $this->references[$row->id] = array_map(static fn (array $thing): string => $thing[1], $references);
        }
        foreach ($references as [$subject, $id]) {
            unset($this->heard[$subject->value.$id], $this->referring[$subject->value.$id]);
        }
        if ($row->kind === 'struck') {
            // Others may have heard of what it strikes.
            $this->heard = $this->referring = [];
        }
    }

    /**
     * Everything that bears on a thing: what was recorded of it, and what was recorded of others and refers to it.
     *
     * @return list<Entry>
     */
    public function of(Subject $subject, string $id): array
    {
        return $this->remember(fn (): array => [...$this->entries($this->rows($subject, $id)), ...$this->heard($subject, $id)]);
    }

    /** @return Collection<int, JournalEntry> what was recorded of a thing itself, in the order of the journal */
    public function rows(Subject $subject, string $id): Collection
    {
        return $this->remember(function () use ($subject, $id): Collection {
            $this->readRows($subject, [$id]);

            return $this->seen($this->rows[$subject->value.$id]);
        });
    }

    /** @return Collection<int, JournalEntry> what was recorded of others, refers to a thing and was not struck, newest first */
    public function heardRows(Subject $subject, string $id): Collection
    {
        return $this->remember(function () use ($subject, $id): Collection {
            $struck = Sequence::of($this->heard($subject, $id))->struck;

            return $this->seen($this->referring[$subject->value.$id][0])->filter(static fn (JournalEntry $row): bool => ! isset($struck[$row->id]))->sortByDesc('happened_at')->values();
        });
    }

    /** @return Collection<int, JournalEntry> all that was recorded of some sorts of things, of which there are few */
    public function ofSubjects(Subject ...$subjects): Collection
    {
        return $this->seen(self::read('SELECT * FROM journal_entries WHERE subject IN (:each) ORDER BY happened_at, ord', array_values(array_map(static fn (Subject $subject): string => $subject->value, $subjects))));
    }

    /**
     * @param  list<string>  $ids
     * @return list<string> ids of all of a sort that was referred to in what was recorded of these
     */
    public function referredTo(Subject $subject, array $ids, Subject $to): array
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
    public function pickings(array $plantings): array
    {
        $kinds = array_map(static fn (string $payload): string => Kind::declared($payload)->name, [Picked::class, CutDown::class, CrossPicked::class, Struck::class]);
        $rows = $plantings === [] ? [] : self::read(
            // From the plantings to their lots to what was recorded of these: left to choose, SQLite goes through the journal.
            'SELECT e.*, o.planting_id, l.number AS lot FROM lot_parents o CROSS JOIN lots l ON l.id = o.lot_id
             CROSS JOIN journal_entries e ON e.subject = ? AND e.subject_id = l.id AND e.kind IN (?, ?, ?, ?)
             WHERE o.planting_id IN (:each) AND o.role != \'father\' ORDER BY l.number, e.happened_at, e.ord',
            $plantings,
            Subject::Lot->value,
            ...$kinds,
        );
        $pickings = [];
        foreach ($this->seen(collect($rows)) as $row) {
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
        // All that was ever put into a place refers to it, and none of it is its own.
        if (! $subject->hears()) {
            return new Collection;
        }

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
    public function entries(Collection $rows): array
    {
        // What is not remembered is asked for.
        $references = $rows->every(fn (JournalEntry $row): bool => isset($this->rows[$row->subject.$row->subject_id])) ? $this->references : self::references($rows);

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
    private function heard(Subject $subject, string $id): array
    {
        $mark = $subject->value.$id;
        if (! isset($this->heard[$mark])) {
            $this->readReferring($subject, [$id]);
            [$rows, $strikes] = $this->referring[$mark];
            $this->heard[$mark] = [
                ...array_values($this->seen($rows)->map(fn (JournalEntry $row): Entry => self::entry($row, $this->references[$row->id] ?? [], (string) $row->getAttribute('role')))->all()),
                ...array_values($this->seen($strikes)->map(static fn (JournalEntry $row): Entry => self::entry($row))->all()),
            ];
        }

        return $this->heard[$mark];
    }

    /** @param  list<string>  $ids  those of them that are not remembered are read */
    private function readRows(Subject $subject, array $ids): void
    {
        $ids = array_values(array_filter($ids, fn (string $id): bool => ! isset($this->rows[$subject->value.$id])));
        if ($ids === []) {
            return;
        }
        foreach ($ids as $id) {
            $this->rows[$subject->value.$id] = new Collection;
        }
        $all = self::journal($subject, $ids);
        $this->references = [...$this->references, ...self::references($all)];
        foreach ($all->groupBy(static fn (JournalEntry $row): string => $row->subject_id) as $id => $rows) {
            $this->rows[$subject->value.$id] = $rows;
        }
    }

    /** @param  list<string>  $ids  of those of them that are not remembered it is read what was recorded of others and refers to them */
    private function readReferring(Subject $subject, array $ids): void
    {
        $ids = array_values(array_filter($ids, fn (string $id): bool => ! isset($this->referring[$subject->value.$id])));
        if ($ids === []) {
            return;
        }
        foreach ($ids as $id) {
            $this->referring[$subject->value.$id] = [new Collection, new Collection];
        }
        $all = self::referring($subject, $ids);
        if ($all->isEmpty()) {
            return;
        }
        $this->references = [...$this->references, ...self::references($all)];
        $strikes = JournalEntry::query()->where('kind', 'struck')->whereIn('subject_id', $all->pluck('subject_id')->unique()->all())->get()->toBase()
            ->groupBy(static fn (JournalEntry $row): string => $row->subject_id);
        foreach ($all->groupBy(static fn (JournalEntry $row): string => (string) $row->getAttribute('ref_id')) as $id => $rows) {
            $this->referring[$subject->value.$id] = [$rows->toBase(), $rows->pluck('subject_id')->unique()->flatMap(static fn (string $of): Collection => $strikes[$of] ?? new Collection)->values()];
        }
    }

    /**
     * @param  Collection<int, JournalEntry>  $rows
     * @return Collection<int, JournalEntry>
     */
    private function seen(Collection $rows): Collection
    {
        return $this->seenFrom->before === null && $this->seenFrom->knownAt === null ? $rows : $rows->filter($this->seenFrom->sees(...))->values();
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
