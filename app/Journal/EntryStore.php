<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\JournalEntry;
use App\Moment;
use Illuminate\Support\Collection;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\EntryKind;
use Marrow\Core\Journal\Fields;

/** Reads journal rows into the core's entries. */
final class EntryStore
{
    /** @return list<Entry> */
    public static function of(Subject $subject, string $id): array
    {
        $rows = JournalEntry::query()
            ->where('subject', $subject->value)
            ->where('subject_id', $id)
            ->orderBy('seq')
            ->get();

        return self::entries($rows);
    }

    /**
     * @param  Collection<int, JournalEntry>  $rows
     * @return list<Entry>
     */
    public static function entries(Collection $rows): array
    {
        return array_values($rows->map(self::entry(...))->all());
    }

    public static function entry(JournalEntry $row): Entry
    {
        $kind = EntryKind::from($row->kind);
        /** @var array<string, mixed> $payload */
        $payload = json_decode($row->payload, true, flags: JSON_THROW_ON_ERROR);

        return new Entry($row->id, $row->seq, $kind, $kind->payload()::read(new Fields($payload)), Moment::read($row->happened_at));
    }
}
