<?php

declare(strict_types=1);

namespace App\Models;

use App\Moment;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;

/**
 * @property int $id
 * @property string $subject
 * @property string $subject_id
 * @property string $kind
 * @property string $place
 * @property string $opens_at
 * @property string $best_at
 * @property string|null $latest_at
 * @property string|null $lapses_at
 * @property string $loss
 * @property string|null $about
 * @property string $figures
 * @property string $day  of best_at
 * @property int $urgency  the smaller, the higher on Today
 * @property string $code  of its lot or planting
 * @property int|null $alike  how many there are like it in the list that it is of; null where nobody counted
 */
final class DueTask extends Record
{
    /** From this urgency on a task only waits; below it something will be lost. */
    public const WAITS = 10;

    /** Counted no further than this: nobody works off more, and counting them would grow with the garden. */
    public const COUNTED = 1000;

    protected $table = 'tasks';

    /** @return Builder<DueTask> what is still of use on a day */
    public static function standing(DateTimeImmutable $at): Builder
    {
        return self::query()->where(static fn (Builder $task) => $task->whereNull('lapses_at')->orWhere('lapses_at', '>', Moment::keep($at)));
    }

    /**
     * How many there are, as a question; COUNTED stands for that many or more.
     *
     * @param  Builder<DueTask>  $tasks
     * @param  bool  $things  the lots and plantings that they are of, each once
     */
    public static function counted(Builder $tasks, bool $things = false): Query
    {
        return DB::query()->fromSub($tasks->clone()->toBase()->selectRaw($things ? 'DISTINCT subject_id' : '1')->limit(self::COUNTED), 'counted')->selectRaw('count(*) AS n');
    }

    /**
     * What is due as rows of the table.
     *
     * @param  list<array{Recorded, list<Task>}>  $tasks  what they are of, and they
     * @return list<array<string, mixed>>
     */
    public static function rows(Subject $subject, array $tasks): array
    {
        $rows = [];
        foreach ($tasks as [$thing, $ofOne]) {
            foreach ($ofOne as $task) {
                $rows[] = [
                    'subject' => $subject->value,
                    'subject_id' => $thing->id(),
                    'code' => $thing->code(),
                    'kind' => $task->kind->value,
                    'place' => $task->place->value,
                    'opens_at' => Moment::keep($task->opens),
                    'best_at' => Moment::keep($task->best),
                    'latest_at' => $task->latest === null ? null : Moment::keep($task->latest),
                    'lapses_at' => $task->lapses === null ? null : Moment::keep($task->lapses),
                    'loss' => $task->loss->value,
                    'about' => $task->about,
                    'figures' => json_encode($task->figures, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                    'day' => $task->best->format('Y-m-d'),
                    'urgency' => self::urgency($task),
                ];
            }
        }

        return $rows;
    }

    /** What will be lost soonest stands first; among the rest the trays, which do not wait, and the store last. */
    private static function urgency(Task $task): int
    {
        return ($task->loss === Loss::Seed && $task->latest !== null ? 0 : self::WAITS) + match ($task->place) {
            Place::Trays => 0,
            Place::Store => 2,
            default => 1,
        };
    }
}
