<?php

declare(strict_types=1);

namespace App\Plans;

use Illuminate\Support\Facades\DB;
use Marrow\Core\Season\PlanTask;
use Marrow\Core\Year\YearTurn;

/**
 * What grows over several seasons stands in the plan of each. Its work of a year is asked for by the plan of that year, or by
 * the last one before that has it: by one, however many it stands in.
 */
final readonly class SharedPlantings
{
    /** @param  array<string, non-empty-list<int>>  $years  of the plans that it stands in, rising, by the planting's id */
    private function __construct(private int $year, private array $years, private YearTurn $turn) {}

    public static function of(int $year, YearTurn $turn): self
    {
        $years = [];
        foreach (self::all() as $of => $ids) {
            foreach ($ids as $id) {
                $years[$id][] = $of;
            }
        }

        return new self($year, $years, $turn);
    }

    public function asks(PlanTask $task): bool
    {
        $years = $this->years[$task->planting->id] ?? [$this->year];
        $asking = $years[0];
        foreach ($years as $year) {
            $asking = $year <= $this->turn->season($task->on) ? $year : $asking;
        }

        return $asking === $this->year;
    }

    /** @return array<int, list<string>> ids of the plantings of each plan, by its year, rising */
    public static function all(): array
    {
        $plans = [];
        foreach (DB::select(
            "SELECT v.year, json_extract(p.value, '$.id') AS id FROM plan_versions v, json_each(v.document, '$.plantings') p
             WHERE v.number = (SELECT max(number) FROM plan_versions last WHERE last.year = v.year) ORDER BY v.year",
        ) as $row) {
            /** @var object{year: int, id: string} $row */
            $plans[$row->year][] = $row->id;
        }

        return $plans;
    }
}
