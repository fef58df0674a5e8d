<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\ListItemDocument;
use App\Documents\PlaceDocument;
use App\Documents\ScaleDocument;
use App\Documents\TaskDocument;
use App\Models\DueTask;
use App\Models\Lot;
use App\Models\Planting;
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
    private const DAYS_AHEAD = 60;

    public function __construct(private Tasks $tasks) {}

    /**
     * @template T of Model
     *
     * @param  Builder<T>  $query
     * @param  Closure(T): (Lot|Planting)  $thing  that a row is of, with its variety and standing
     * @param  Closure(T, ?TaskDocument, ?DueTask): ListItemDocument  $item
     * @param  ?Closure(list<ListItemDocument>): ?ScaleDocument  $axis  the scale of their lines
     */
    public function page(Place $place, Builder $query, Narrowing $narrowing, When $when, Closure $thing, Closure $item, ?Closure $axis = null): PlaceDocument
    {
        $total = $query->toBase()->getCountForPagination();
        /** @var Collection<int, T> $rows */
        $rows = $query->forPage($narrowing->page, $narrowing->size)->get();
        $things = [];
        foreach ($rows as $row) {
            $things[$thing($row)->id] = $thing($row);
        }
        $due = $this->due($things, $place, $when);
        $items = [];
        foreach ($rows as $row) {
            $items[] = $item($row, ...($due[$thing($row)->id] ?? [null, null]));
        }

        return new PlaceDocument(
            $place->value,
            $items,
            $total,
            $narrowing->page,
            max(1, (int) ceil($total / $narrowing->size)),
            $axis === null ? null : $axis($items),
        );
    }

    /**
     * The next task of each thing in a place.
     *
     * @param  array<string, Lot|Planting>  $things  by id
     * @return array<string, array{TaskDocument, ?DueTask}>
     */
    private function due(array $things, Place $place, When $when): array
    {
        $subject = $place === Place::Plot ? Subject::Planting->value : Subject::Lot->value;
        $tasks = DueTask::standing($when->now)
            ->where('subject', $subject)
            ->whereIn('subject_id', array_keys($things))
            // By the thing, of which there are few on a page, not by the place, where there are many.
            ->whereRaw('+place = ?', [$place->value])
            ->where('best_at', '<=', Moment::keep($when->now->modify(sprintf('+%d days', self::DAYS_AHEAD))))
            ->orderByRaw("loss = 'nothing'")
            ->orderBy('best_at')
            ->get()
            ->unique('subject_id')
            ->values();
        foreach ($tasks as $task) {
            $task->setRelation($subject, $things[$task->subject_id]);
        }
        $due = [];
        foreach ($this->tasks->documents($tasks, $when) as $i => $document) {
            $due[$tasks[$i]->subject_id ?? ''] = [$document, $tasks[$i]];
        }

        return $due;
    }
}
