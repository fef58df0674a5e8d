<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\JournalEntry;
use App\Moment;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Registered;

/** Reads journal rows into the core's entries. */
final class EntryStore
{
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
        return JournalEntry::query()->where('subject', $subject->value)->where('subject_id', $id)->orderBy('happened_at')->orderBy('ord')->get();
    }

    /**
     * @param  Collection<int, JournalEntry>  $rows
     * @return list<Entry>
     */
    public static function entries(Collection $rows): array
    {
        $references = self::references($rows);

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
        $rows = JournalEntry::query()->select(['journal_entries.*', 'entry_refs.role'])
            ->join('entry_refs', 'entry_refs.entry_id', '=', 'journal_entries.id')
            ->where('entry_refs.subject', $subject->value)->where('entry_refs.subject_id', $id)->get();
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
        $ids = $rows->filter(static fn (JournalEntry $row): bool => ($kinds->named($row->kind)?->references() ?? []) !== [])->pluck('id')->all();
        $references = [];
        foreach ($ids === [] ? [] : DB::table('entry_refs')->whereIn('entry_id', $ids)->get() as $reference) {
            /** @var object{entry_id: string, role: string, subject_id: string} $reference */
            $references[$reference->entry_id][$reference->role] = $reference->subject_id;
        }

        return $references;
    }
}
