<?php

declare(strict_types=1);

namespace App\Plans;

use App\Http\Documents\PlanTaskDocument;
use App\Presenting\PlanSheet;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Season\PlanTasks;
use Marrow\Core\Season\SeasonPlan;

/** The work of the plans, kept ready for Today, the belt and the calendar: a plan is drawn seldom and looked at often. */
final readonly class PlannedWork
{
    public function __construct(private Observed $observed) {}

    public function write(SeasonPlan $plan): void
    {
        $words = PlanSheet::words($plan);
        DB::table('plan_tasks')->where('year', $plan->year)->delete();
        foreach (PlanTasks::of($this->observed->onto($plan)) as $task) {
            DB::table('plan_tasks')->insert([
                'year' => $plan->year,
                'planting' => $task->planting->id,
                'kind' => $task->kind->value,
                'on_day' => $task->on->format('Y-m-d'),
                'until_day' => $task->until?->format('Y-m-d'),
                'task' => $words->do($task),
                'reason' => $words->why($task),
            ]);
        }
    }

    /**
     * What falls due between two days, or has begun and is not over, in order of time.
     *
     * @return list<PlanTaskDocument>
     */
    public function between(DateTimeImmutable $from, DateTimeImmutable $to): array
    {
        return $this->read(
            'SELECT * FROM plan_tasks WHERE on_day <= ? AND coalesce(until_day, on_day) >= ? ORDER BY on_day, task',
            [$to->format('Y-m-d'), $from->format('Y-m-d')],
        );
    }

    /** @return list<PlanTaskDocument> */
    public function ofYear(int $year): array
    {
        return $this->read('SELECT * FROM plan_tasks WHERE year = ? ORDER BY on_day, task', [$year]);
    }

    /** @return list<PlanTaskDocument> */
    public function all(): array
    {
        return $this->read('SELECT * FROM plan_tasks ORDER BY on_day, task', []);
    }

    /**
     * @param  list<string|int>  $bindings
     * @return list<PlanTaskDocument>
     */
    private function read(string $query, array $bindings): array
    {
        $tasks = [];
        foreach (DB::select($query, $bindings) as $row) {
            /** @var object{year: int, planting: string, kind: string, on_day: string, until_day: string|null, task: string, reason: string} $row */
            $tasks[] = new PlanTaskDocument($row->planting, $row->kind, $row->on_day, $row->until_day, $row->task, $row->reason);
        }

        return $tasks;
    }
}
