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
use App\Models\Record;
use App\Moment;
use App\Presenting\Tasks;
use App\Reading\Tagged;
use App\Voice\When;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use LogicException;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Work\Place;

/** What every board does alike: it leafs through its things and has the next task of each. */
final readonly class Pages
{
    private const DAYS_AHEAD = 60;

    public function __construct(private Tasks $tasks) {}

    /**
     * @template T of Record
     *
     * @param  Builder<T>  $query  for rows of standings, each by the id of its lot or planting; the thing is read here, as tags show it
     * @param  Closure(T, ?TaskDocument, ?DueTask): ListItemDocument  $item
     * @param  ?Closure(list<ListItemDocument>): ?ScaleDocument  $axis  the scale of their lines
     */
    public function page(Place $place, Builder $query, Narrowing $narrowing, When $when, Closure $item, ?Closure $axis = null): PlaceDocument
    {
        /** @var Collection<int, T> $rows */
        $rows = $query->clone()->forPage($narrowing->page, $narrowing->size)->get();
        // The last page tells by itself how many there are.
        $isLast = $rows->count() < $narrowing->size && ($narrowing->page === 1 || $rows->isNotEmpty());
        $total = $isLast ? ($narrowing->page - 1) * $narrowing->size + $rows->count() : $query->toBase()->getCountForPagination();
        $subject = $place === Place::Plot ? Subject::Planting : Subject::Lot;
        $of = array_map(static fn (Record $row): string => self::id($row->getAttribute("{$subject->value}_id")), array_values($rows->all()));
        $things = $subject === Subject::Planting ? Tagged::plantings($of) : Tagged::lots($of);
        [$due, $ready] = $this->due($things, $subject, $place, $when);
        $items = [];
        foreach ($rows as $i => $row) {
            $items[] = $item($row->setRelation($subject->value, $things[$of[$i]]), ...($due[$of[$i]] ?? [null, null]));
        }

        return new PlaceDocument(
            $place->value,
            $items,
            $total,
            $narrowing->page,
            max(1, (int) ceil($total / $narrowing->size)),
            $axis === null ? null : $axis($items),
            $ready,
        );
    }

    private static function id(mixed $id): string
    {
        return is_string($id) ? $id : throw new LogicException('A row of a board is of a lot or of a planting.');
    }

    /**
     * The next task of each thing in a place, and what to have ready for those of the coming week.
     *
     * @param  array<string, Lot|Planting>  $things  by id
     * @return array{array<string, array{TaskDocument, ?DueTask}>, list<string>}
     */
    private function due(array $things, Subject $subject, Place $place, When $when): array
    {
        if ($things === []) {
            return [[], []];
        }
        $tasks = DueTask::standing($when->now)
            ->where('subject', $subject->value)
            ->whereIn('subject_id', array_keys($things))
            // By the thing, of which there are few on a page, not by the place, where there are many.
            ->whereRaw('+place = ?', [$place->value])
            ->where('best_at', '<=', Moment::keep($when->now->modify(sprintf('+%d days', self::DAYS_AHEAD))))
            ->orderByRaw("loss = 'nothing'")
            ->orderBy('best_at')
            ->get();
        $next = [];
        foreach ($tasks as $task) {
            $next[$task->subject_id] ??= $task;
        }
        [$documents, $ready] = $this->tasks->withNeeds(new Collection(array_values($next)), $when, Moment::keep($when->now->modify('+7 days')), $things);

        return [array_combine(array_keys($next), array_map(static fn (TaskDocument $document, DueTask $task): array => [$document, $task], $documents, $next)), $ready];
    }
}
