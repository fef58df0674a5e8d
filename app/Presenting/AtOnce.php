<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\AtOnceDocument;
use App\Documents\JournalLineDocument;
use App\Journal\Batch;
use App\Models\Act;
use App\Models\JournalEntry;
use App\Voice\Quantity;
use Illuminate\Support\Collection;

/** What came in together, or was done to many at once, told as one. */
final readonly class AtOnce
{
    public function __construct(private LinesOfAll $all, private Entries $entries) {}

    /** @return ?AtOnceDocument each of what was done to many at once; null where there is no such act */
    public function of(string $id): ?AtOnceDocument
    {
        $rows = Batch::entries($id);
        $lines = array_values($this->all->of($rows->reverse()->values()));
        if ($lines === []) {
            return null;
        }
        $struck = $this->struck($rows);
        $isBack = $struck === $rows->count();
        // What struck them all together is itself taken back together.
        $by = JournalEntry::query()->whereIn('id', array_map(static fn (JournalLineDocument $line): ?string => $line->entry->strike, $lines))->pluck('act')->unique();
        $strike = $by->count() === 1 ? $by->first() : null;

        return new AtOnceDocument(
            $lines[0]->entry->title,
            self::howMany($rows).match (true) {
                $struck === 0 => '',
                $isBack => ', taken back',
                default => ", $struck of them struck",
            },
            $isBack ? (is_string($strike) ? $strike : null) : $id,
            $isBack,
            $lines,
        );
    }

    /**
     * @param  Collection<int, JournalEntry>  $rows
     * @param  array<string, JournalLineDocument>  $lines  by moment and order, as of one thing each
     * @return array<string, JournalLineDocument>
     */
    public function asOne(Collection $rows, array $lines): array
    {
        $acts = Act::query()->findMany($rows->pluck('act')->filter()->unique())->keyBy('id');
        foreach ($rows as $row) {
            $at = "$row->happened_at $row->ord";
            $act = $row->act === null ? null : $acts[$row->act] ?? null;
            if ($act !== null && isset($lines[$at])) {
                $lines[$at] = $act->sort === 'taken_in' ? self::takenIn($act, $lines[$at]) : $this->line($act, $lines[$at]);
            }
        }

        return $lines;
    }

    private static function takenIn(Act $act, JournalLineDocument $line): JournalLineDocument
    {
        return new JournalLineDocument(null, $act->id, $act->title, null, $line->entry->of('Taken in as one', Quantity::number($act->lots, 'lot'), $act->taken_back_at !== null), "/store/stock/$act->id");
    }

    private function line(Act $act, JournalLineDocument $line): JournalLineDocument
    {
        $rows = Batch::entries($act->id);
        if ($rows->count() < 2) {
            return $line;
        }
        $said = $this->common($rows);

        return new JournalLineDocument(null, $act->id, self::howMany($rows), null, $line->entry->of($line->entry->title, $said, $this->struck($rows) === $rows->count()), "/books/journal/$act->id");
    }

    /**
     * What was told of all of them alike, and whether there is more.
     *
     * @param  Collection<int, JournalEntry>  $rows  of one act
     */
    private function common(Collection $rows): string
    {
        $told = $this->entries->parts($rows);
        $alike = array_values(array_intersect(...$told));
        $isAll = array_all($told, static fn (array $parts): bool => count($parts) === count($alike));

        return implode(', ', $alike).match (true) {
            $isAll => '',
            $alike === [] => 'each its own',
            default => '; of each its own besides',
        };
    }

    /** @param  Collection<int, JournalEntry>  $rows  of one act */
    private static function howMany(Collection $rows): string
    {
        $subjects = $rows->map(static fn (JournalEntry $row): string => $row->subject)->unique();

        return Quantity::number($rows->unique('subject_id')->count(), $subjects->count() === 1 ? (string) $subjects->first() : 'thing');
    }

    /** @param  Collection<int, JournalEntry>  $rows  of one act */
    private function struck(Collection $rows): int
    {
        $strikes = $this->all->strikes(array_values($rows->map(static fn (JournalEntry $row): string => $row->subject_id)->unique()->all()));

        return $rows->filter(static fn (JournalEntry $row): bool => isset($strikes[$row->id]))->count();
    }
}
