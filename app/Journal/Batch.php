<?php

declare(strict_types=1);

namespace App\Journal;

use App\Clock;
use App\Models\Act;
use App\Models\Acting;
use App\Models\JournalEntry;
use App\Models\TakenAlready;
use App\Models\WriteLock;
use App\Moment;
use Illuminate\Support\Collection;
use Marrow\Core\Journal\Subject;
use Ramsey\Uuid\Uuid;

/** What is done to many things at once: each is answered by itself, and what is kept of it is taken back as one. */
final readonly class Batch
{
    public function __construct(private Recorder $recorder, private Clock $clock) {}

    /**
     * @param  string  $id  of the act, made by the sender; what is sent again under it, mended, is of the same
     * @param  list<Draft>  $drafts
     * @return list<Answer>
     *
     * @throws TakenAlready where lots came in under that id
     */
    public function record(string $id, array $drafts, Acting $by, bool $all = false): array
    {
        $this->open($id);
        try {
            return $this->recorder->record($drafts, $by, $all);
        } finally {
            $this->close($id);
        }
    }

    /** @return Collection<int, JournalEntry> what was kept of one, as far as it was not corrected since; empty where there is no such act */
    public static function entries(string $id): Collection
    {
        return JournalEntry::query()->where('act', $id)
            ->whereRaw('NOT EXISTS (SELECT 1 FROM journal_entries AS later WHERE later.replaces = journal_entries.id)')
            ->whereIn('act', Act::query()->where('sort', 'at_once')->select('id'))
            ->orderBy('seq')->get()->toBase();
    }

    /**
     * All of it is struck, or none. The striking is an act of its own, which is taken back likewise.
     *
     * @param  Collection<int, JournalEntry>  $entries
     * @param  string  $id  of the striking
     * @return list<Answer>
     */
    public function strike(Collection $entries, string $id, string $reason, Acting $by): array
    {
        return $this->record($id, array_values($entries->map(fn (JournalEntry $entry): Draft => new Draft(
            Uuid::uuid5($id, $entry->id)->toString(),
            Subject::from($entry->subject),
            $entry->subject_id,
            'struck',
            Draft::at($this->clock->now()),
            ['entry' => $entry->id, 'reason' => $reason],
            act: $id,
        ))->all()), $by, true);
    }

    private function open(string $id): void
    {
        WriteLock::hold(function () use ($id): void {
            Act::query()->insertOrIgnore(['id' => $id, 'title' => '', 'lots' => 0, 'made_at' => Moment::keep($this->clock->now()), 'sort' => 'at_once', 'digest' => '']);
            if (Act::query()->whereKey($id)->value('sort') !== 'at_once') {
                throw new TakenAlready('what came in under that id');
            }
        });
    }

    /** Of which nothing was kept, it was none. */
    private function close(string $id): void
    {
        WriteLock::hold(static fn (): mixed => Act::query()->whereKey($id)->whereNotIn('id', JournalEntry::query()->where('act', $id)->select('act'))->delete());
    }
}
