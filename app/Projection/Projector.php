<?php

declare(strict_types=1);

namespace App\Projection;

use App\Garden\Marks;
use App\Garden\SettingsChanged;
use App\Handbook\HandbookChanged;
use App\Journal\Changed;
use App\Lineage\Crossings;
use App\Models\DueTask;
use App\Models\Lot;
use App\Models\LotStanding;
use App\Models\Planting;
use App\Models\PlantingStanding;
use App\Models\TestStanding;
use App\Models\Variety;
use App\Models\WriteLock;
use App\Moment;
use App\Reading\EntryStore;
use App\Reading\Facts;
use Closure;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Fields\PlainText;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Settle;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Testing\TestCourse;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;

/** Writes what lists and search need from the journal: always the whole of one thing, so that nothing can drift. */
final readonly class Projector
{
    private const AT_ONCE = 250;

    /** How many lots came of a planting; its id follows. */
    private const LOTS_OF = 'SELECT count(*) FROM lot_origins o JOIN lot_standings s ON s.lot_id = o.lot_id WHERE s.place != ? AND o.planting_id = ';

    public function __construct(private Facts $facts, private Crossings $crossings) {}

    /** What was recorded of things bears on what they came from and what was grown from them. */
    public function journalChanged(Changed $changed): void
    {
        $plantings = $changed->ids(Subject::Planting);
        $lots = $changed->ids(Subject::Lot);
        // When a planting was sown bounds when its lots can have been picked; whether it was picked is told by its lots.
        $lots = [...$lots, ...DB::table('lot_origins')->whereIn('planting_id', $plantings)->pluck('lot_id')->all()];
        $plantings = [...$plantings, ...DB::table('lot_origins')->whereIn('lot_id', $lots)->whereNotNull('planting_id')->pluck('planting_id')->all()];
        $this->write(array_values(array_unique($lots)), array_values(array_unique($plantings)));
    }

    public function handbookChanged(HandbookChanged $changed): void
    {
        $varieties = DB::table('varieties')->where('crop', $changed->crop)->pluck('id')->all();
        $this->write(
            array_values(DB::table('lots')->whereIn('variety_id', $varieties)->pluck('id')->all()),
            array_values(DB::table('plantings')->whereIn('variety_id', $varieties)->pluck('id')->all()),
        );
    }

    public function settingsChanged(SettingsChanged $changed): void
    {
        $this->rebuild();
    }

    /**
     * Everything afresh from the journal: some at a time, so that who records meanwhile need not wait for the end of it. When
     * it is cut off half-way, the garden is marked as not reckoned, and marrow:ready begins anew.
     *
     * @param  ?Closure(float): void  $report  what share is done
     */
    public function rebuild(?Closure $report = null): void
    {
        $with = Marks::get(Marks::RECKONED_WITH);
        Marks::set(Marks::RECKONED_WITH, '');
        $plantings = array_chunk(self::ids(DB::table('plantings')->orderBy('number')->pluck('id')), self::AT_ONCE);
        $lots = array_chunk(self::ids(DB::table('lots')->orderBy('number')->pluck('id')), self::AT_ONCE);
        $slices = 2 * count($plantings) + count($lots);
        $done = 0;
        $slice = static function (Closure $work) use (&$done, $slices, $report): void {
            WriteLock::hold(static fn (): bool => $work() === null);
            $report === null || $report(++$done / $slices);
        };
        $this->facts->forget();
        $this->crossings->forget();
        foreach ($plantings as $some) {
            $slice(fn () => $this->plantings($this->plantingsOf($some)));
        }
        $this->crossings->forget();
        foreach ($lots as $some) {
            $slice(fn () => $this->lots($this->lotsOf($some)));
        }
        // How many lots a planting gave is known once they are.
        foreach ($plantings as $some) {
            $slice(fn () => $this->lotsCounted($some));
        }
        Marks::set(Marks::RECKONED_WITH, $with);
    }

    /**
     * @param  list<string>  $ids
     * @return Collection<int, Planting>
     */
    private function plantingsOf(array $ids): Collection
    {
        return Planting::query()->with(['variety', 'lots'])->findMany($ids);
    }

    /**
     * @param  list<string>  $ids
     * @return Collection<int, Lot>
     */
    private function lotsOf(array $ids): Collection
    {
        return Lot::query()->with(['variety', 'planting.variety'])->findMany($ids);
    }

    /** @param  list<string>  $plantings  ids */
    private function lotsCounted(array $plantings): void
    {
        DB::update(
            'UPDATE planting_standings SET lots = ('.self::LOTS_OF.'planting_standings.planting_id) WHERE planting_id IN ('.implode(',', array_fill(0, count($plantings), '?')).')',
            [Place::Plot->value, ...$plantings],
        );
    }

    /** @param  Collection<int, Planting>  $plantings  with their variety and lots */
    private function plantings(Collection $plantings): void
    {
        $lots = $plantings->flatMap(static fn (Planting $planting): array => $planting->lots->pluck('id')->all());
        EntryStore::ahead(['planting' => self::ids($plantings->pluck('id')), 'lot' => self::ids($lots)], fn () => $plantings->each(fn (Planting $planting) => $this->planting($planting)));
    }

    /** @param  Collection<int, Lot>  $lots  with their variety and planting */
    private function lots(Collection $lots): void
    {
        $plantings = $lots->map(static fn (Lot $lot): ?string => $lot->planting?->id);
        EntryStore::ahead(['lot' => self::ids($lots->pluck('id')), 'planting' => self::ids($plantings)], fn () => $lots->each(fn (Lot $lot) => $this->lot($lot)));
    }

    /**
     * @param  Collection<int, mixed>  $ids
     * @return list<string> each once
     */
    private static function ids(Collection $ids): array
    {
        return array_values(array_unique(array_filter($ids->all(), is_string(...))));
    }

    /**
     * @param  list<string>  $lots  ids
     * @param  list<string>  $plantings  ids
     */
    private function write(array $lots, array $plantings): void
    {
        $before = array_keys($this->crossings->all());
        foreach (array_chunk($plantings, self::AT_ONCE) as $some) {
            $this->plantings($this->plantingsOf($some));
        }
        $this->crossings->forget();
        // A crossing that comes to light, or goes again, bears on everything grown from that lot.
        $after = array_keys($this->crossings->all());
        $lots = array_values(array_unique([...$lots, ...array_diff($before, $after), ...array_diff($after, $before)]));
        foreach (array_chunk($lots, self::AT_ONCE) as $some) {
            $this->lots($this->lotsOf($some));
        }
        foreach (array_chunk($plantings, self::AT_ONCE) as $some) {
            $this->lotsCounted($some);
        }
    }

    private function lot(Lot $lot): void
    {
        $course = $this->facts->lot($lot);
        LotStanding::query()->upsert([$this->lotRow($lot, $course)], 'lot_id');
        TestStanding::query()->where('lot_id', $lot->id)->delete();
        TestStanding::query()->insert(array_map(
            fn (TestCourse $test): array => [
                'test_id' => $test->set->test,
                'lot_id' => $lot->id,
                'started_at' => Moment::keep($test->startedAt),
                'ended_at' => $test->endedAt === null ? null : Moment::keep($test->endedAt),
                'sown' => $test->sown(),
                'germinated' => $test->germinated(),
                'undecided' => $test->undecided(),
                'last_day' => $test->lastDay(),
                'verdict' => $test->outlook($this->facts->practice)?->verdictNow->value,
            ],
            array_values($course->testing->tests),
        ));
        $this->tasks(Subject::Lot, $lot->id, [...self::settle($course->adrift(), $course->place(), $course->adriftAt()), ...$course->tasks()]);
    }

    private function planting(Planting $planting): void
    {
        $course = $this->facts->planting($planting);
        $growing = $course->growing;
        $sownAt = $growing->sownAt;
        $season = $sownAt === null ? null : (int) $sownAt->format('Y');
        PlantingStanding::query()->upsert([[
            'planting_id' => $planting->id,
            'season' => $season,
            'sown_at' => $sownAt === null ? null : Moment::keep($sownAt),
            'plants' => $growing->sown?->plants,
            'lots' => $this->countLots($planting->id),
            'sown_lot' => $growing->sown?->lot,
            'sown_from' => $growing->sown->sownFrom ?? '',
            'off_types' => $growing->offTypes->off ?? 0,
            'looked_over' => $growing->offTypes->seen ?? 0,
            'search' => self::searchText($planting->code(), $planting->variety, $course->facts->crop, (string) $season, $planting->spot, ...$course->texts()),
        ]], 'planting_id');
        $this->tasks(Subject::Planting, $planting->id, [...self::settle($course->adrift(), Place::Plot, $course->adriftAt()), ...$course->tasks()]);
    }

    private function countLots(string $planting): int
    {
        return (int) DB::scalar(self::LOTS_OF.'?', [Place::Plot->value, $planting]);
    }

    /** @return array<string, mixed> */
    private function lotRow(Lot $lot, LotCourse $course): array
    {
        $crop = $course->facts->crop;
        $tested = $course->testing->lastEnded();
        $share = $tested?->share();
        $interval = $share?->interval();
        $storing = $course->storing;
        $stock = $course->stock->stock;
        $year = $course->origin->year();
        $forecast = $course->forecast();

        return [
            'lot_id' => $lot->id,
            'number' => $lot->number,
            'variety' => $lot->variety->name,
            'place' => $course->place()->value,
            'stage' => $course->place() === Place::Bench ? ($course->cleaning->isClean() ? 'clean' : $course->cleaning->stage->value) : $course->drying->verdict()->value,
            'used_up' => (int) $course->isUsedUp(),
            'year' => $year,
            'seeds' => $stock->seeds(),
            'grams' => $stock->grams() ?? $course->drying->lastMass() ?? $course->cleaning->massOut,
            'moisture' => $storing->moisture ?? $course->drying->moisture(),
            'rate' => $share?->rate(),
            'rate_low' => $interval?->low,
            'rate_high' => $interval?->high,
            'tested_on' => $tested === null ? null : Moment::keep($tested->startedAt),
            'good_until' => $forecast === null ? null : Moment::keep($forecast->reachesEarliest($crop->test->minimum)),
            'container' => $storing->now?->container->value,
            'place_id' => $storing->now?->placeId,
            'store_place' => $storing->now?->at->name,
            'last_at' => $course->lastAt() === null ? null : Moment::keep($course->lastAt()),
            'search' => self::searchText($lot->code(), $lot->variety, $crop, (string) $year, (string) $storing->now?->at->name, ...$course->texts()),
        ];
    }

    /**
     * Entries that do not fit together want a decision.
     *
     * @param  array<string, Refused>  $adrift
     * @return list<Task>
     */
    private static function settle(array $adrift, Place $place, ?DateTimeImmutable $at): array
    {
        if ($adrift === [] || $at === null) {
            return [];
        }

        return [new Task(Settle::Settle, $place, $at, $at, null, Loss::Nothing, ['entries' => count($adrift)], (string) array_key_first($adrift))];
    }

    /** @param  list<Task>  $tasks */
    private function tasks(Subject $subject, string $id, array $tasks): void
    {
        DueTask::query()->where('subject', $subject->value)->where('subject_id', $id)->delete();
        $first = [];
        foreach ($tasks as $i => $task) {
            $soonest = $first[$task->place->value] ?? null;
            $first[$task->place->value] = $soonest === null || $task->best < $tasks[$soonest]->best ? $i : $soonest;
        }
        DueTask::query()->insert(array_map(static fn (Task $task, int $i): array => [
            'subject' => $subject->value,
            'subject_id' => $id,
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
            'first' => (int) (($first[$task->place->value] ?? null) === $i),
        ], $tasks, array_keys($tasks)));
    }

    /** What will be lost soonest stands first; among the rest the trays, which do not wait, and the store last. */
    private static function urgency(Task $task): int
    {
        return ($task->loss === Loss::Seed && $task->latest !== null ? 0 : DueTask::WAITS) + match ($task->place) {
            Place::Trays => 0,
            Place::Store => 2,
            default => 1,
        };
    }

    private static function searchText(string $code, Variety $variety, Crop $crop, string ...$more): string
    {
        return PlainText::of(implode(' ', array_filter([$code, $variety->name, $crop->name, $crop->latin, $crop->family, $variety->note, ...$more])));
    }
}
