<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\JournalDocument;
use App\Documents\JournalLineDocument;
use App\Journal\Subjects;
use App\Models\Act;
use App\Models\JournalEntry;
use App\Reading\JournalReader;
use App\Voice\Quantity;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Settle;
use Marrow\Core\Journal\Subject;

/** The whole journal, newest first. */
final readonly class JournalPages
{
    private const PAGE = 30;

    /** @param  Subjects<Shows>  $sorts */
    public function __construct(private Subjects $sorts, private Entries $entries, private DeedLines $deeds, private JournalReader $journal) {}

    /** @param  string  $before  the mark at which the page before ended; empty for the newest entries */
    public function page(string $before = ''): JournalDocument
    {
        // Many lots that came in as one are one line.
        $query = JournalEntry::query()->where('kind', '!=', 'struck')
            ->whereRaw('(act IS NULL OR seq = (SELECT max(seq) FROM journal_entries AS last WHERE last.act = journal_entries.act))')
            ->whereRaw('NOT EXISTS (SELECT 1 FROM journal_entries AS later WHERE later.replaces = journal_entries.id)');
        $mark = preg_match('/^(\d{4}-\d{2}-\d{2} \d{2}:\d{2}:\d{2}) (\S{1,40})$/', $before, $found) === 1 ? [$found[1], $found[2]] : null;
        if ($mark !== null) {
            $query->whereRaw('(happened_at, ord) < (?, ?)', $mark);
        }
        // One more than is shown tells whether there is more.
        $rows = $query->orderByDesc('happened_at')->orderByDesc('ord')->limit(self::PAGE + 1)->get();
        $lines = $this->deeds->before($mark, self::PAGE + 1);
        $marks = [...$rows->map(static fn (JournalEntry $row): string => "$row->happened_at $row->ord")->all(), ...array_keys($lines)];
        rsort($marks, SORT_STRING);
        $more = count($marks) > self::PAGE;
        $marks = array_slice($marks, 0, self::PAGE);
        $lines += $this->of($rows->filter(static fn (JournalEntry $row): bool => in_array("$row->happened_at $row->ord", $marks, true))->values());

        return new JournalDocument(array_values(array_filter(array_map(static fn (string $mark): ?JournalLineDocument => $lines[$mark] ?? null, $marks))), $more ? $marks[self::PAGE - 1] : null);
    }

    /**
     * @param  Collection<int, JournalEntry>  $rows
     * @return array<string, JournalLineDocument> by moment and order
     */
    private function of(Collection $rows): array
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
        $acts = self::acts($rows);
        $documents = [];
        foreach ($this->entries->documents($rows, $this->adrift($ids), strikes: $this->strikes($ids)) as $document) {
            $documents[$document->id] = $document;
        }
        $lines = [];
        foreach ($rows as $row) {
            $thing = $shown[$row->subject_id] ?? null;
            $act = $row->act === null ? null : $acts[$row->act] ?? null;
            if (! isset($documents[$row->id])) {
                continue;
            }
            if ($act !== null) {
                $lines["$row->happened_at $row->ord"] = new JournalLineDocument(null, $act->id, $act->title, null, $documents[$row->id]->of('Taken in as one', Quantity::number($act->lots, 'lot'), $act->taken_back_at !== null), "/store/stock/$act->id");
            } elseif ($thing !== null) {
                $lines["$row->happened_at $row->ord"] = new JournalLineDocument($thing->subject->value, $thing->id, $thing->name, $thing->tag, $documents[$row->id]);
            }
        }

        return $lines;
    }

    /**
     * @param  Collection<int, JournalEntry>  $rows
     * @return array<string, Act> by id
     */
    private static function acts(Collection $rows): array
    {
        $ids = array_filter(array_map(static fn (JournalEntry $row): ?string => $row->act, $rows->all()));
        $acts = [];
        foreach ($ids === [] ? [] : Act::query()->findMany(array_unique($ids)) as $act) {
            $acts[$act->id] = $act;
        }

        return $acts;
    }

    /**
     * @param  list<string>  $ids  of what is on this page
     * @return array<string, string> standing strikes by what they strike, each asked of its own thing
     */
    private function strikes(array $ids): array
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
