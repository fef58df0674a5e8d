<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Http\Documents\EntryDocument;
use App\Journal\EntryStore;
use App\Models\JournalEntry;
use App\Moment;
use App\Words\EntryWords;
use Illuminate\Support\Collection;
use Marrow\Core\Journal\EntryKind;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Struck;
use Marrow\Core\Journal\Sequence;

/** The journal of one thing in words, newest first. Strikes are not lines of their own; they show on what they struck. */
final class Entries
{
    /**
     * @param  Collection<int, JournalEntry>  $rows
     * @param  array<string, Refused>  $adrift
     * @return list<EntryDocument>
     */
    public static function documents(Collection $rows, array $adrift): array
    {
        $entries = EntryStore::entries($rows);
        $struck = Sequence::of($entries)->struck;
        $strikes = [];
        foreach ($entries as $entry) {
            if ($entry->payload instanceof Struck && ! isset($struck[$entry->id])) {
                $strikes[$entry->payload->entry] = $entry->id;
            }
        }
        $documents = [];
        foreach ($rows as $row) {
            if ($row->kind === EntryKind::Struck->value) {
                continue;
            }
            $documents[] = self::document($row, $strikes[$row->id] ?? null, $adrift[$row->id] ?? null);
        }
        usort($documents, static fn (EntryDocument $a, EntryDocument $b): int => $b->happened_at <=> $a->happened_at);

        return $documents;
    }

    public static function document(JournalEntry $row, ?string $strike, ?Refused $adrift): EntryDocument
    {
        $entry = EntryStore::entry($row);

        return new EntryDocument(
            $row->id,
            $row->kind,
            EntryWords::title($entry->kind),
            EntryWords::figures($entry),
            Moment::say($entry->happenedAt),
            Moment::say(Moment::read($row->recorded_at)),
            $row->recorded_by,
            $strike !== null,
            $strike,
            $adrift?->getMessage(),
        );
    }
}
