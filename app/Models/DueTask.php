<?php

declare(strict_types=1);

namespace App\Models;

use App\Moment;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Facades\DB;

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
}
