<?php

declare(strict_types=1);

namespace App\Projection;

use App\Handbook\OwnFigures;
use App\Journal\EntryStore;
use App\Journal\Subject;
use App\Lineage\Crossings;
use App\Models\DueTask;
use App\Models\JournalEntry;
use App\Models\Lot;
use App\Models\LotStanding;
use App\Models\Planting;
use App\Models\PlantingStanding;
use App\Models\TestStanding;
use App\Models\Variety;
use App\Moment;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\LotFacts;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Work\Task;
use Marrow\Core\Journal\EntryKind;
use Marrow\Core\Steps\Notes\Noted;
use Marrow\Core\Journal\Sequence;
use Marrow\Core\Practice;

/** Writes what lists and search need from the journal: always the whole of one thing, so that nothing can drift. */
final readonly class Projector
{
    public function __construct(private CropReference $crops, private Practice $practice, private Crossings $crossings, private OwnFigures $own) {}

    public function lot(Lot $lot): void
    {
        $entries = EntryStore::of(Subject::Lot, $lot->id);
        $course = LotCourse::fold($this->facts($lot), $entries, $this->practice);
        LotStanding::query()->upsert([$this->lotRow($lot, $course, self::notes($entries))], 'lot_id');
        TestStanding::query()->where('lot_id', $lot->id)->delete();
        TestStanding::query()->insert(array_map(
            fn ($test): array => [
                'test_id' => $test->set->test,
                'lot_id' => $lot->id,
                'started_at' => Moment::keep($test->startedAt),
                'ended_at' => $test->endedAt === null ? null : Moment::keep($test->endedAt),
                'sown' => $test->sown(),
                'germinated' => $test->germinated(),
                'undecided' => $test->undecided(),
                'last_day' => $test->lastDay(),
                'verdict' => $test->outlook($this->practice)?->verdictNow->value,
            ],
            array_values($course->tests),
        ));
        $this->tasks(Subject::Lot, $lot->id, $course->tasks());
        $this->planting($lot->planting);
    }

    public function planting(Planting $planting): void
    {
        $entries = EntryStore::of(Subject::Planting, $planting->id);
        $lots = DB::table('lot_standings')
            ->join('lots', 'lots.id', '=', 'lot_standings.lot_id')
            ->where('lots.planting_id', $planting->id)
            ->where('lot_standings.place', '!=', 'plot')
            ->count();
        $course = PlantingCourse::fold($this->crop($planting->variety), $entries, $lots > 0);
        PlantingStanding::query()->upsert([[
            'planting_id' => $planting->id,
            'sown_at' => $course->sownAt === null ? null : Moment::keep($course->sownAt),
            'plants' => $course->sown?->plants,
            'lots' => $lots,
            'sown_from' => $course->sown->sownFrom ?? '',
            'off_types' => $course->offTypes->off ?? 0,
            'looked_over' => $course->offTypes->seen ?? 0,
            'search' => self::searchText($planting->code(), $planting->variety, $this->crop($planting->variety), (string) $planting->season, $planting->spot, self::notes($entries)),
        ]], 'planting_id');
        $this->tasks(Subject::Planting, $planting->id, $course->tasks());
        $this->crossings->forget();
    }

    /** A planting and what hangs on it: when it was sown bounds when its lots can have been picked. */
    public function plantingWithLots(Planting $planting): void
    {
        $this->planting($planting);
        foreach ($planting->lots()->with(['variety', 'planting.variety'])->orderBy('number')->get() as $lot) {
            $this->lot($lot);
        }
    }

    /** Everything afresh from the journal. */
    public function rebuild(): void
    {
        DB::transaction(function (): void {
            foreach (['tasks', 'test_standings', 'lot_standings', 'planting_standings'] as $table) {
                DB::table($table)->delete();
            }
            Planting::query()->with('variety')->orderBy('number')->each(fn (Planting $planting) => $this->planting($planting));
            Lot::query()->with(['variety', 'planting.variety'])->orderBy('number')->each(fn (Lot $lot) => $this->lot($lot));
        });
    }

    public function facts(Lot $lot): LotFacts
    {
        // Not from the planting's projection: the journal itself is what everything is reckoned from.
        $sowing = JournalEntry::query()
            ->where('subject', Subject::Planting->value)
            ->where('subject_id', $lot->planting_id)
            ->orderBy('seq')
            ->get();
        $sownAt = null;
        foreach (Sequence::of(EntryStore::entries($sowing))->standing as $entry) {
            if ($entry->kind === EntryKind::Sown) {
                $sownAt = $entry->happenedAt;
                break;
            }
        }

        return new LotFacts($lot->code(), $this->crop($lot->variety), $sownAt);
    }

    public function crop(Variety $variety): Crop
    {
        return $this->own->ofVariety($this->crops, $variety->crop, $variety->id);
    }

    /** @return array<string, mixed> */
    private function lotRow(Lot $lot, LotCourse $course, string $notes): array
    {
        $crop = $course->facts->crop;
        $tested = $course->lastTested();
        $share = $tested?->share();
        $interval = $share?->interval();
        $store = $course->store;
        $year = $course->harvest->firstAt()?->format('Y');

        return [
            'lot_id' => $lot->id,
            'place' => $course->place()->value,
            'stage' => $course->place()->value === 'bench' ? $course->cleaning->stage->value : $course->drying->verdict()->value,
            'used_up' => (int) $course->isUsedUp(),
            'year' => $year === null ? null : (int) $year,
            'seeds' => $store->stock->seeds(),
            'grams' => $store->stock->grams() ?? $course->drying->lastMass() ?? $course->cleaning->massOut,
            'moisture' => $store->moisture ?? $course->drying->moisture(),
            'rate' => $share?->rate(),
            'rate_low' => $interval?->low,
            'rate_high' => $interval?->high,
            'tested_on' => $tested === null ? null : Moment::keep($tested->startedAt),
            'good_until' => ($forecast = $course->forecast()) === null ? null : Moment::keep($forecast->reaches($crop->test->minimum)),
            'container' => $store->now?->container->value,
            'store_place' => $store->now?->place,
            'last_at' => $course->lastAt === null ? null : Moment::keep($course->lastAt),
            'search' => self::searchText($lot->code(), $lot->variety, $crop, (string) $year, (string) $store->now?->place, $notes),
        ];
    }

    /** @param  list<Task>  $tasks */
    private function tasks(Subject $subject, string $id, array $tasks): void
    {
        DueTask::query()->where('subject', $subject->value)->where('subject_id', $id)->delete();
        DueTask::query()->insert(array_map(static fn (Task $task): array => [
            'subject' => $subject->value,
            'subject_id' => $id,
            'kind' => $task->kind->value,
            'place' => $task->place->value,
            'opens_at' => Moment::keep($task->opens),
            'best_at' => Moment::keep($task->best),
            'latest_at' => $task->latest === null ? null : Moment::keep($task->latest),
            'loses_seed' => (int) $task->losesSeed,
            'about' => $task->about,
            'figures' => json_encode($task->figures, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ], $tasks));
    }

    /** @param  list<\Marrow\Core\Journal\Entry>  $entries */
    private static function notes(array $entries): string
    {
        $notes = [];
        foreach (Sequence::of($entries)->standing as $entry) {
            if ($entry->payload instanceof Noted) {
                $notes[] = $entry->payload->text;
            }
        }

        return implode(' ', $notes);
    }

    private static function searchText(string $code, Variety $variety, Crop $crop, string ...$more): string
    {
        return mb_strtolower(implode(' ', array_filter([$code, $variety->name, $crop->name, $crop->latin, $crop->family, $variety->note, ...$more])));
    }
}
