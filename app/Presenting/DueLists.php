<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\PlanTaskDocument;
use App\Documents\TodayDocument;
use App\Models\DueTask;
use App\Models\Marks;
use App\Moment;
use App\Plans\PlannedTask;
use App\Plans\PlannedWork;
use App\Voice\When;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** What is due over everything: now, already possible, and coming up. */
final readonly class DueLists
{
    /** Of each list: more than a day holds, and who has more goes to their place. */
    private const MOST = 60;

    private const SOON_DAYS = 30;

    /** Of one kind: a whole shelf that waits for its test must not push everything else off the page. */
    private const ALIKE = 8;

    public function __construct(private Tasks $tasks, private PlannedWork $planned, private WeatherAhead $weather) {}

    public function today(When $when): TodayDocument
    {
        $now = Moment::keep($when->now);
        $tonight = Moment::keep($when->now->setTime(23, 59, 59));
        $soon = Moment::keep($when->now->modify(sprintf('+%d days', self::SOON_DAYS)));
        $week = Moment::keep($when->now->modify('+7 days'));
        $due = DueTask::standing($when->now)->where('best_at', '<=', $tonight);
        $open = DueTask::query()->where('best_at', '>', $tonight)->where('best_at', '<=', $soon)->where('opens_at', '<=', $now);
        $next = DueTask::query()->where('best_at', '>', $tonight)->where('best_at', '<=', $soon)->where('opens_at', '>', $now);

        // What will be lost soonest stands first; what only waits, after it.
        $lists = [
            self::first($due, 'urgency, best_at, id'),
            self::first($open, 'best_at, id'),
            self::first($next, 'best_at, id'),
        ];
        // Put into words all at once: what they are of is read for all of them together.
        [$documents, $needs] = $this->tasks->withNeeds($lists[0]->concat($lists[1])->concat($lists[2]), $when, $week);
        [$first, $second] = [$lists[0]->count(), $lists[1]->count()];

        return new TodayDocument(
            $when->now->format('Y-m-d'),
            array_slice($documents, 0, $first),
            self::number($lists[0], $due),
            array_slice($documents, $first, $second),
            self::number($lists[1], $open),
            array_slice($documents, $first + $second),
            self::number($lists[2], $next),
            array_map(static fn (PlannedTask $task): PlanTaskDocument => PlanTaskDocument::of($task, $when), $this->planned->between($when->now, $when->now->modify(sprintf('+%d days', self::SOON_DAYS)))),
            $needs,
            self::trouble(),
            $this->weather->of($when),
        );
    }

    /**
     * The first of a list, of each kind no more than a handful; each knows how many there are like it, as far as they are counted.
     *
     * @param  Builder<DueTask>  $of
     * @return Collection<int, DueTask>
     */
    private static function first(Builder $of, string $order): Collection
    {
        $listed = $of->clone()->orderByRaw($order)->limit(DueTask::COUNTED);
        $alike = DB::query()->fromSub($listed, 'listed')->selectRaw("*, row_number() OVER (PARTITION BY kind, loss ORDER BY $order) AS nth, count(*) OVER (PARTITION BY kind, loss) AS alike");
        $tasks = DueTask::query();
        $tasks->fromSub($alike, 'alike');

        return $tasks->where('nth', '<=', self::ALIKE)->orderByRaw($order)->limit(self::MOST)->get();
    }

    /**
     * @param  Collection<int, DueTask>  $shown
     * @param  Builder<DueTask>  $of
     */
    private static function number(Collection $shown, Builder $of): int
    {
        $whole = $shown->count() < self::MOST && $shown->every(static fn (DueTask $task): bool => ($task->alike ?? 1) <= self::ALIKE);
        $all = $whole ? $shown->count() : DueTask::counted($of)->value('n');

        return is_int($all) ? $all : 0;
    }

    private static function trouble(): ?string
    {
        $trouble = Marks::get(Marks::COPY_TROUBLE);

        return $trouble === '' ? null : "Today's copy of the garden could not be made. $trouble";
    }
}
