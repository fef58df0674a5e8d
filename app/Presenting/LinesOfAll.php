<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\JournalLineDocument;
use App\Journal\Subjects;
use App\Models\JournalEntry;
use App\Reading\JournalReader;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Settle;
use Marrow\Core\Journal\Subject;

/** Entries of whatever things, each with what it is about. */
final readonly class LinesOfAll
{
    /** @param  Subjects<Shows>  $sorts */
    public function __construct(private Subjects $sorts, private Entries $entries, private JournalReader $journal) {}

    /**
     * @param  Collection<int, JournalEntry>  $rows
     * @return array<string, JournalLineDocument> by moment and order
     */
    public function of(Collection $rows): array
    {
        $of = [];
        foreach ($rows as $row) {
            $of[$row->subject][] = $row->subject_id;
        }
        $shown = [];
        foreach ($of as $subject => $some) {
            $shown += $this->sorts->of(Subject::from($subject))->shown(array_values(array_unique($some)));
        }
        $ids = array_values(array_unique(array_merge([], ...array_values($of))));
        $documents = [];
        foreach ($this->entries->documents($rows, $this->adrift($ids), strikes: $this->strikes($ids)) as $document) {
            $documents[$document->id] = $document;
        }
        $lines = [];
        foreach ($rows as $row) {
            $thing = $shown[$row->subject_id] ?? null;
            if (isset($documents[$row->id]) && $thing !== null) {
                $lines["$row->happened_at $row->ord"] = new JournalLineDocument($thing->subject->value, $thing->id, $thing->name, $thing->tag, $documents[$row->id]);
            }
        }

        return $lines;
    }

    /**
     * @param  list<string>  $ids  of what is on this page
     * @return array<string, string> standing strikes by what they strike, each asked of its own thing
     */
    public function strikes(array $ids): array
    {
        $all = JournalEntry::query()->where('kind', 'struck')->whereIn('subject_id', $ids)->get();
        $strikes = [];
        foreach ($all->groupBy(static fn (JournalEntry $row): string => "$row->subject $row->subject_id") as $ofOne) {
            $strikes = [...$strikes, ...Entries::strikes($this->journal->entries($ofOne->values()))];
        }

        return $strikes;
    }

    /**
     * @param  list<string>  $ids  of what is on this page
     * @return array<string, Refused> why entries of this page are not reckoned with
     */
    private function adrift(array $ids): array
    {
        $unsettled = DB::table('tasks')->where('kind', Settle::Settle->value)->whereIn('subject_id', $ids)->get(['subject', 'subject_id']);
        $adrift = [];
        foreach ($unsettled as $task) {
            /** @var object{subject: string, subject_id: string} $task */
            $adrift = [...$adrift, ...$this->sorts->of(Subject::from($task->subject))->folded($task->subject_id)?->adrift() ?? []];
        }

        return $adrift;
    }
}
