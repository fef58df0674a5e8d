<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\EntryDocument;
use App\Documents\FieldDocument;
use App\Journal\Subjects;
use App\Models\JournalEntry;
use App\Models\Lot;
use App\Moment;
use App\Reading\JournalReader;
use App\Voice\Speaking;
use App\Words\EntryWords;
use Illuminate\Support\Collection;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Sequence;
use Marrow\Core\Journal\Struck;
use Marrow\Core\Journal\Subject;

/**
 * The journal in words, newest first. Strikes are not lines of their own; they show on what they struck. An entry that was
 * corrected shows as one, with what it said before.
 */
final readonly class Entries
{
    /** @param  Subjects<Shows>  $sorts */
    public function __construct(private Subjects $sorts, private JournalReader $journal) {}

    /**
     * @param  array<string, Refused>  $adrift
     * @param  array<string, string>  $agrees
     * @return list<EntryDocument>
     */
    public function of(Subject $subject, string $id, array $adrift, array $agrees): array
    {
        return $this->documents($this->journal->rows($subject, $id)->reverse()->values(), $adrift, $agrees);
    }

    /**
     * With what was recorded of others and refers to it: what was sown of it, what it was poured together into.
     *
     * @param  array<string, Refused>  $adrift
     * @param  array<string, string>  $agrees
     * @return list<EntryDocument> newest first
     */
    public function ofLot(string $id, array $adrift, array $agrees): array
    {
        $all = $this->of(Subject::Lot, $id, $adrift, $agrees);
        // What was sown of it was taken out of it first, and that is a line of its own.
        $heard = $this->journal->heardRows(Subject::Lot, $id)->where('subject', Subject::Lot->value);
        if ($heard->isEmpty()) {
            return $all;
        }
        $codes = Lot::query()->findMany($heard->pluck('subject_id'))->mapWithKeys(static fn (Lot $lot): array => [$lot->id => $lot->code()]);
        $of = $heard->mapWithKeys(static fn (JournalEntry $row): array => [$row->id => $codes[$row->subject_id] ?? null]);
        foreach ($this->documents($heard->unique('id')->values()) as $document) {
            if (! $document->struck && is_string($of[$document->id] ?? null)) {
                $all[] = $document->recordedOf($of[$document->id]);
            }
        }
        usort($all, static fn (EntryDocument $a, EntryDocument $b): int => $b->happened_at <=> $a->happened_at);

        return $all;
    }

    /**
     * @param  Collection<int, JournalEntry>  $rows  newest first
     * @param  array<string, Refused>  $adrift
     * @param  array<string, string>  $agrees
     * @param  ?array<string, string>  $strikes  standing strikes by what they strike, where the rows are not all of a thing
     * @return list<EntryDocument>
     */
    public function documents(Collection $rows, array $adrift = [], array $agrees = [], ?array $strikes = null): array
    {
        $entries = $this->journal->entries($rows);
        $strikes ??= self::strikes($entries);
        $words = new EntryWords($this->names($entries));
        $replaced = array_filter(array_map(static fn (JournalEntry $row): ?string => $row->replaces, $rows->all()));
        $were = $this->were($replaced, $words);
        $documents = [];
        foreach ($entries as $i => $entry) {
            $row = $rows[$i];
            // What was corrected shows on what took its place.
            if ($row === null || $entry->payload instanceof Struck || in_array($entry->id, $replaced, true)) {
                continue;
            }
            $documents[] = new EntryDocument(
                $entry->id,
                $entry->kind->name,
                $entry->kind->title,
                $words->figures($entry->kind, $entry->payload),
                Moment::say($entry->happenedAt),
                Moment::say(Moment::read($row->recorded_at)),
                $row->recorded_by,
                isset($strikes[$entry->id]),
                $strikes[$entry->id] ?? null,
                ($adrift[$entry->id] ?? null)?->getMessage(),
                isset($agrees[$entry->id]),
                $row->replaces === null ? null : $were[$row->replaces] ?? null,
                (object) self::typed($entry),
                array_values(array_map(static fn (Field $field): FieldDocument => FieldDocument::of($field), $entry->kind->fields->fields)),
            );
        }

        return $documents;
    }

    /**
     * @param  Collection<int, JournalEntry>  $rows
     * @return list<list<string>> what each says, part by part
     */
    public function parts(Collection $rows): array
    {
        $entries = $this->journal->entries($rows);
        $words = new EntryWords($this->names($entries));

        return array_map(static fn (Entry $entry): array => $words->parts($entry->kind, $entry->payload), $entries);
    }

    /** @return array<string, mixed> by field, as it would be typed again */
    private static function typed(Entry $entry): array
    {
        $units = Speaking::forms()->units;
        $typed = [];
        foreach ($entry->kind->keep($entry->payload) as $key => $value) {
            $typed[$key] = $units->typed($entry->kind->fields->field($key), $value);
        }

        // Where something was put is asked once, be it a place or a container.
        return ($typed['inside'] ?? null) === null ? $typed : [...$typed, 'place_id' => $typed['inside']];
    }

    /**
     * @param  list<Entry>  $entries  everything of one thing
     * @return array<string, string> standing strikes by what they strike
     */
    public static function strikes(array $entries): array
    {
        $struck = Sequence::of($entries)->struck;
        $strikes = [];
        foreach ($entries as $entry) {
            if ($entry->payload instanceof Struck && ! isset($struck[$entry->id])) {
                $strikes[$entry->payload->entry] = $entry->id;
            }
        }

        return $strikes;
    }

    /**
     * What the things are called that entries refer to.
     *
     * @param  list<Entry>  $entries
     * @return array<string, string> by id
     */
    public function names(array $entries): array
    {
        $ids = [];
        foreach ($entries as $entry) {
            foreach ($entry->kind->references() as $role => $of) {
                $id = $entry->kind->value($entry->payload, $role);
                if (is_string($id)) {
                    $ids[$of->value][] = $id;
                }
            }
        }
        $names = [];
        foreach ($ids as $of => $some) {
            $names += $this->sorts->of(Subject::from($of))->names(array_values(array_unique($some)));
        }

        return $names;
    }

    /**
     * @param  array<array-key, mixed>  $replaced  ids of entries that were corrected
     * @return array<string, string> what they said
     */
    private function were(array $replaced, EntryWords $words): array
    {
        $were = [];
        foreach ($replaced === [] ? [] : $this->journal->entries(JournalEntry::query()->whereIn('id', $replaced)->get()) as $entry) {
            $were[$entry->id] = trim($words->figures($entry->kind, $entry->payload).' ('.Moment::say($entry->happenedAt).')');
        }

        return $were;
    }
}
