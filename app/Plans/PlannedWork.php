<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Code;
use App\Voice\PlanTaskVoice;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Season\Cover;
use Marrow\Core\Season\PlanTaskKind;
use Marrow\Core\Settings\Practice;

/**
 * The work of the plans, as it is kept ready for Today, the belt and the calendar (WorkPlanned), said. What the journal shows
 * to be done is gone, what was missed stays.
 */
final readonly class PlannedWork
{
    public function __construct(private CropReference $crops, private Practice $practice) {}

    /**
     * What falls due between two days, has begun and is not over, or was missed in a season that is not over yet; in order
     * of time.
     *
     * @return list<PlannedTask>
     */
    public function between(DateTimeImmutable $from, DateTimeImmutable $to): array
    {
        return $this->read(
            // Of what was never sown nothing is asked but that; of roots in store nothing, where none are.
            "SELECT * FROM plan_tasks AS t WHERE on_day <= ? AND (coalesce(until_day, on_day) >= ? OR (stays = 1 AND year >= ? AND (lapses_day IS NULL OR lapses_day >= ?)))
             AND (kind IN ('sow', 'unsown') OR grown IS NOT NULL OR on_day > ? AND EXISTS (SELECT 1 FROM plan_tasks s WHERE s.year = t.year AND s.planting = t.planting AND s.kind = 'sow' AND s.lapses_day >= ?)) AND (on_day <= ? OR kind != 'unsown') AND (on_day > ? OR kind NOT IN ('sort', 'replant') OR in_store > 0)
             ORDER BY on_day, planting, kind",
            [$to->format('Y-m-d'), $from->format('Y-m-d'), $this->practice->year->shift->turn->season($from), ...array_fill(0, 5, $from->format('Y-m-d'))],
        );
    }

    /**
     * How much begins on each day, and what is to be done first of it.
     *
     * @param  DateTimeImmutable  $to  no longer among them
     * @param  int  $most  of each day that are said
     * @return array<string, array{int, list<string>}> by date
     */
    public function days(DateTimeImmutable $from, DateTimeImmutable $to, int $most): array
    {
        $between = [$from->format('Y-m-d'), $to->format('Y-m-d')];
        $days = $said = [];
        foreach (DB::select('SELECT on_day, count(*) AS n FROM plan_tasks WHERE on_day >= ? AND on_day < ? AND kind != \'unsown\' GROUP BY on_day', $between) as $day) {
            /** @var object{on_day: string, n: int} $day */
            $days[$day->on_day] = $day->n;
        }
        $first = DB::select(
            "SELECT t.on_day, t.kind, v.name, coalesce(json_extract(t.figures, '$.cover'), '') AS cover
             FROM (SELECT DISTINCT on_day FROM plan_tasks WHERE on_day >= ? AND on_day < ? AND kind != 'unsown') d
             JOIN plan_tasks t ON t.rowid IN (SELECT rowid FROM plan_tasks WHERE on_day = d.on_day AND kind != 'unsown' ORDER BY planting, kind LIMIT ?)
             JOIN varieties v ON v.id = t.variety_id
             ORDER BY t.on_day, t.planting, t.kind",
            [...$between, $most],
        );
        foreach ($first as $task) {
            /** @var object{on_day: string, kind: string, name: string, cover: string} $task */
            $said[$task->on_day][] = PlanTaskVoice::headline(PlanTaskKind::from($task->kind), $task->name, $task->cover);
        }

        $both = [];
        foreach ($days as $day => $n) {
            $both[$day] = [$n, $said[$day] ?? []];
        }

        return $both;
    }

    /**
     * Plantings that by the plan are pollinated by hand, from a day of this season on.
     *
     * @return list<string> ids
     */
    public function byHand(DateTimeImmutable $on): array
    {
        return array_values(array_filter(
            DB::table('plan_tasks')->where('kind', PlanTaskKind::Pollinate->value)->whereNotNull('grown')->where('year', '>=', $this->practice->year->shift->turn->season($on))->where('on_day', '<=', $on->format('Y-m-d'))->pluck('grown')->all(),
            is_string(...),
        ));
    }

    /** @return list<PlannedTask> */
    public function ofYear(int $year): array
    {
        return $this->read('SELECT * FROM plan_tasks WHERE year = ? AND kind != \'unsown\' ORDER BY on_day, planting, kind', [$year]);
    }

    /** @return list<PlannedTask> */
    public function all(): array
    {
        return $this->read('SELECT * FROM plan_tasks WHERE kind != \'unsown\' ORDER BY on_day, planting, kind', []);
    }

    /**
     * @param  list<string|int>  $bindings
     * @return list<PlannedTask>
     */
    private function read(string $query, array $bindings): array
    {
        $rows = DB::select($query, $bindings);
        if ($rows === []) {
            return [];
        }
        $ids = [];
        foreach ($rows as $row) {
            /** @var object{variety_id: string, figures: string} $row */
            $ids[] = $row->variety_id;
            array_push($ids, ...self::others($row->figures));
        }
        /** @var array<string, string> $names */
        $names = DB::table('varieties')->whereIn('id', array_unique($ids))->pluck('name', 'id')->all();
        $grown = array_filter(array_column($rows, 'grown'), is_string(...));
        /** @var array<string, int> $numbers */
        $numbers = $grown === [] ? [] : DB::table('plantings')->whereIn('id', $grown)->pluck('number', 'id')->all();
        $seeds = PlannedSeeds::of(self::sowings($rows));
        $tasks = [];
        foreach ($rows as $row) {
            /** @var object{year: int, planting: string, kind: string, on_day: string, until_day: string|null, variety_id: string, crop: string, figures: string, grown: ?string, standing: int, in_store: int} $row */
            if (! $this->crops->has($row->crop)) {
                continue;
            }
            /** @var array<string, mixed> $figures */
            $figures = json_decode($row->figures, true, flags: JSON_THROW_ON_ERROR);
            $crop = $this->crops->get($row->crop);
            $voice = new PlanTaskVoice(PlanTaskKind::from($row->kind), $names[$row->variety_id] ?? $crop->name, $crop, $figures, $names);
            $sows = $row->kind === PlanTaskKind::Sow->value || $row->kind === PlanTaskKind::Unsown->value;
            $plants = $figures['plants'] ?? 0;
            $tasks[] = new PlannedTask($row->planting, PlanTaskKind::from($row->kind), $row->on_day, $row->until_day, $voice->do(), $voice->why(), $sows ? $row->variety_id : null, is_int($plants) ? $plants : 0, $sows ? $seeds["$row->year $row->variety_id"] ?? null : null, $row->year, $row->grown, $row->standing, $row->in_store, $row->grown === null ? '' : Code::of(Subject::Planting, $numbers[$row->grown] ?? null), is_string($figures['bed'] ?? null) ? $figures['bed'] : '', Cover::tryFrom(is_string($figures['cover'] ?? null) ? $figures['cover'] : '')?->asDone($crop));
        }

        return $tasks;
    }

    /**
     * @param  array<array-key, mixed>  $rows
     * @return list<array{int, string}> year and variety's id of what is to be sown
     */
    private static function sowings(array $rows): array
    {
        $sowings = [];
        foreach ($rows as $row) {
            /** @var object{year: int, kind: string, variety_id: string} $row */
            if ($row->kind === PlanTaskKind::Sow->value) {
                $sowings[] = [$row->year, $row->variety_id];
            }
        }

        return $sowings;
    }

    /** @return list<string> */
    private static function others(string $figures): array
    {
        $decoded = json_decode($figures, true);
        $others = is_array($decoded) ? $decoded['others'] ?? '' : '';

        return array_values(array_filter(explode(',', is_string($others) ? $others : '')));
    }
}
