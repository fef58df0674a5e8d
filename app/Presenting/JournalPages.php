<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\JournalDocument;
use App\Documents\JournalLineDocument;
use App\Models\Act;
use App\Models\Container;
use App\Models\JournalEntry;
use App\Models\Lot;
use App\Models\Place;
use App\Models\Planting;
use App\Reading\EntryStore;
use App\Reading\Facts;
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

    public function __construct(private Tags $tags, private Entries $entries, private Facts $facts) {}

    /** @param  string  $before  the mark at which the page before ended; empty for the newest entries */
    public function page(string $before = ''): JournalDocument
    {
        // Many lots that came in as one are one line.
        $query = JournalEntry::query()->where('kind', '!=', 'struck')
            ->whereRaw('(act IS NULL OR seq = (SELECT max(seq) FROM journal_entries AS last WHERE last.act = journal_entries.act))')
            ->whereRaw('NOT EXISTS (SELECT 1 FROM journal_entries AS later WHERE later.replaces = journal_entries.id)');
        if (preg_match('/^(\d{4}-\d{2}-\d{2} \d{2}:\d{2}:\d{2}) (\S{1,40})$/', $before, $mark) === 1) {
            $query->whereRaw('(happened_at, ord) < (?, ?)', [$mark[1], $mark[2]]);
        }
        // One more than is shown tells whether there is more.
        $rows = $query->orderByDesc('happened_at')->orderByDesc('ord')->limit(self::PAGE + 1)->get();
        $more = $rows->count() > self::PAGE;
        $rows = $rows->take(self::PAGE);
        $last = $rows->last();
        $of = static fn (Subject $subject): array => $rows->where('subject', $subject->value)->pluck('subject_id')->unique()->all();
        $lots = Lot::query()->with(['variety', 'standing', 'planting'])->findMany($of(Subject::Lot))->keyBy('id');
        $plantings = Planting::query()->with(['variety', 'standing'])->findMany($of(Subject::Planting))->keyBy('id');
        $holders = [
            ...Place::query()->findMany($of(Subject::Place))->pluck('name', 'id')->all(),
            ...Container::query()->findMany($of(Subject::Container))->pluck('name', 'id')->all(),
        ];
        $acts = Act::query()->findMany($rows->pluck('act')->filter()->unique()->all())->keyBy('id');
        $documents = [];
        foreach ($this->entries->documents($rows, $this->adrift($rows), strikes: self::strikes($rows)) as $document) {
            $documents[$document->id] = $document;
        }
        $lines = [];
        foreach ($rows as $row) {
            $thing = $lots->get($row->subject_id) ?? $plantings->get($row->subject_id);
            $tag = match (true) {
                $thing instanceof Lot => $this->tags->lot($thing),
                $thing instanceof Planting => $this->tags->planting($thing),
                default => null,
            };
            $act = $row->act === null ? null : $acts->get($row->act);
            if (! isset($documents[$row->id])) {
                continue;
            }
            if ($act !== null) {
                $lines[] = new JournalLineDocument('intake', null, $act->id, $act->title, $documents[$row->id]->of('Taken in as one', Quantity::number($act->lots, 'lot'), $act->taken_back_at !== null));
            } elseif ($tag !== null || isset($holders[$row->subject_id])) {
                $lines[] = new JournalLineDocument($tag === null ? 'holder' : 'thing', $tag, $row->subject_id, $holders[$row->subject_id] ?? '', $documents[$row->id]);
            }
        }

        return new JournalDocument($lines, $more && $last !== null ? "$last->happened_at $last->ord" : null);
    }

    /**
     * @param  Collection<int, JournalEntry>  $rows
     * @return array<string, string> standing strikes by what they strike, each asked of its own thing
     */
    private static function strikes(Collection $rows): array
    {
        $all = JournalEntry::query()->where('kind', 'struck')->whereIn('subject_id', $rows->pluck('subject_id')->unique()->all())->get();
        $strikes = [];
        foreach ($all->groupBy(static fn (JournalEntry $row): string => "$row->subject $row->subject_id") as $ofOne) {
            $strikes = [...$strikes, ...Entries::strikes(EntryStore::entries($ofOne->values()))];
        }

        return $strikes;
    }

    /**
     * @param  Collection<int, JournalEntry>  $rows
     * @return array<string, Refused> why entries of this page are not reckoned with
     */
    private function adrift(Collection $rows): array
    {
        $ids = DB::table('tasks')->where('kind', Settle::Settle->value)->whereIn('subject_id', $rows->pluck('subject_id')->unique()->all())->get(['subject', 'subject_id']);
        $adrift = [];
        foreach ($ids as $task) {
            /** @var object{subject: string, subject_id: string} $task */
            $course = $task->subject === Subject::Lot->value
                ? $this->facts->lot(Lot::query()->with(['variety', 'planting.variety'])->findOrFail($task->subject_id))
                : $this->facts->planting(Planting::query()->with('variety')->findOrFail($task->subject_id));
            $adrift = [...$adrift, ...$course->adrift()];
        }

        return $adrift;
    }
}
