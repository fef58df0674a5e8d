<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\ListItemDocument;
use App\Documents\PlaceDocument;
use App\Documents\TaskDocument;
use App\Models\DueTask;
use App\Moment;
use App\Presenting\Tasks;
use App\Voice\When;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Work\Place;

/** What every board does alike: it leafs through its things and has the next task of each. */
final readonly class Pages
{
    private const PAGE = 60;

    private const DAYS_AHEAD = 60;

    public function __construct(private Tasks $tasks) {}

    /**
     * @template T of Model
     *
     * @param  Builder<T>  $query
     * @param  Closure(T): string  $id  of the thing that a row is of
     * @param  Closure(T, ?TaskDocument): ListItemDocument  $item
     */
    public function page(Place $place, Builder $query, int $page, When $when, Closure $id, Closure $item): PlaceDocument
    {
        $total = $query->toBase()->getCountForPagination();
        /** @var Collection<int, T> $rows */
        $rows = $query->forPage($page, self::PAGE)->get();
        $due = $this->due(array_values($rows->map($id)->all()), $place, $when);
        $items = [];
        foreach ($rows as $row) {
            $items[] = $item($row, $due[$id($row)] ?? null);
        }

        return new PlaceDocument(
            $place->value,
            $items,
            $total,
            $page,
            max(1, (int) ceil($total / self::PAGE)),
        );
    }

    /**
     * The next task of each thing in a place.
     *
     * @param  list<string>  $ids
     * @return array<string, TaskDocument>
     */
    private function due(array $ids, Place $place, When $when): array
    {
        $tasks = DueTask::standing($when->now)
            ->where('subject', $place === Place::Plot ? Subject::Planting->value : Subject::Lot->value)
            ->whereIn('subject_id', $ids)
            // By the thing, of which there are few on a page, not by the place, where there are many.
            ->whereRaw('+place = ?', [$place->value])
            ->where('best_at', '<=', Moment::keep($when->now->modify(sprintf('+%d days', self::DAYS_AHEAD))))
            ->orderByRaw("loss = 'nothing'")
            ->orderBy('best_at')
            ->get()
            ->unique('subject_id')
            ->values();
        $due = [];
        foreach ($this->tasks->documents($tasks, $when) as $i => $document) {
            $due[$tasks[$i]->subject_id ?? ''] = $document;
        }

        return $due;
    }
}
