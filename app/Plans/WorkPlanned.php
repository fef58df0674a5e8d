<?php

declare(strict_types=1);

namespace App\Plans;

use Illuminate\Support\Facades\DB;
use Marrow\Core\Season\PlannedPlanting;
use Marrow\Core\Season\PlanTask;
use Marrow\Core\Season\PlanTasks;
use Marrow\Core\Season\SeasonPlan;

/** Keeps the work of a plan ready to be read: it is drawn seldom and looked at often. Kept are facts; they are said when they are read. */
final readonly class WorkPlanned
{
    public function __construct(private Observed $observed) {}

    /** Of this plan, and of those that had or have plantings in common with it. */
    public function write(SeasonPlan $plan): void
    {
        $shared = [
            ...DB::table('plan_tasks')->where('year', $plan->year)->distinct()->pluck('planting')->all(),
            ...array_map(static fn (PlannedPlanting $planting): string => $planting->id, $plan->plantings),
        ];
        $this->of($plan);
        foreach (SharedPlantings::all() as $year => $ids) {
            if ($year !== $plan->year && array_intersect($ids, $shared) !== []) {
                $this->of(app(PlanBook::class)->open($year)->plan);
            }
        }
    }

    private function of(SeasonPlan $plan): void
    {
        $asks = SharedPlantings::of($plan->year, $plan->ground->year->shift->turn);
        DB::table('plan_tasks')->where('year', $plan->year)->delete();
        DB::table('plan_varieties')->where('year', $plan->year)->delete();
        $grown = $this->observed->grown($plan);
        $rows = array_map(static fn (PlanTask $task): array => [
            'year' => $plan->year,
            'planting' => $task->planting->id,
            'kind' => $task->kind->value,
            'on_day' => $task->on->format('Y-m-d'),
            'until_day' => $task->until?->format('Y-m-d'),
            'lapses_day' => $task->lapses?->format('Y-m-d'),
            'stays' => (int) ($task->kind->stays() && (! $task->kind->wantsAPlanting() || isset($grown[$task->planting->id]))),
            'variety_id' => $task->planting->variety,
            'crop' => $task->planting->crop->key,
            'figures' => json_encode($task->figures, JSON_THROW_ON_ERROR),
            'grown' => $grown[$task->planting->id]->planting ?? null,
            'standing' => $grown[$task->planting->id]->standing ?? 0,
            'in_store' => $grown[$task->planting->id]->inStore ?? 0,
        ], array_values(array_filter(PlanTasks::of(Observed::inBloom($plan, $grown), $grown), $asks->asks(...))));
        foreach (array_chunk($rows, 100) as $chunk) {
            DB::table('plan_tasks')->insert($chunk);
        }
        foreach (array_chunk(array_unique(array_map(static fn ($planting): string => $planting->variety, $plan->plantings)), 200) as $varieties) {
            DB::table('plan_varieties')->insert(array_map(static fn (string $variety): array => ['year' => $plan->year, 'variety_id' => $variety], $varieties));
        }
    }
}
