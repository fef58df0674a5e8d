<?php

declare(strict_types=1);

namespace App\Projection;

use App\Garden\SettingsChanged;
use App\Handbook\HandbookChanged;
use App\Journal\Changed;
use App\Lineage\Crossings;
use App\Lineage\Lines;
use App\Models\Backlog;
use App\Models\Bulk;
use App\Models\DueTask;
use App\Models\Lot;
use App\Models\LotStanding;
use App\Models\Planting;
use App\Models\PlantingStanding;
use App\Models\TestStanding;
use App\Models\Variety;
use App\Models\WriteLock;
use App\Plans\PlansAfresh;
use App\Reading\EntryStore;
use App\Reading\Facts;
use App\Reading\StorePaces;
use App\Reading\Stores;
use Closure;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Settle;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Settings\BearsOn;
use Marrow\Core\Settings\SettingList;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;

/** Writes what lists and search need from the journal: always the whole of one thing, so that nothing can drift. */
final readonly class Projector
{
    /** So many are written while whoever records waits; what more it bears on follows. */
    private const AT_ONCE = 40;

    /** For so many nobody need wait long. */
    private const A_SLICE = 100;

    /** How many lots came of a planting; its id follows. */
    private const LOTS_OF = 'SELECT count(*) FROM lot_origins o JOIN lot_standings s ON s.lot_id = o.lot_id WHERE s.place != ? AND o.planting_id = ';

    public function __construct(private Facts $facts, private Crossings $crossings, private StorePaces $paces, private Stores $stores, private Lines $lines, private PlansAfresh $plans) {}

    /** What was recorded of things bears on what they came from and what was grown from them. */
    public function journalChanged(Changed $changed): void
    {
        $plantings = $changed->ids(Subject::Planting);
        $lots = [...$changed->ids(Subject::Lot), ...$this->lyingIn($changed)];
        // When a planting was sown bounds when its lots can have been picked; whether it was picked is told by its lots.
        $lots = [...$lots, ...DB::table('lot_origins')->whereIn('planting_id', $plantings)->pluck('lot_id')->all()];
        // What was poured together of some of these has as much as there was of them.
        $lots = [...$lots, ...DB::table('lot_origins')->whereIn('from_lot_id', $lots)->pluck('lot_id')->all()];
        $plantings = [...$plantings, ...DB::table('lot_origins')->whereIn('lot_id', $lots)->whereNotNull('planting_id')->pluck('planting_id')->all()];
        // That seed was picked settles the growing out of what it was sown from.
        $lots = [...$lots, ...DB::table('planting_standings')->whereIn('planting_id', $plantings)->whereNotNull('sown_lot')->pluck('sown_lot')->all()];
        $this->write(array_values(array_unique($lots)), array_values(array_unique($plantings)));
    }

    /**
     * What happens to a container or a place happens to all that lies in it, and to what lay there before.
     *
     * @return list<string> ids of lots
     */
    private function lyingIn(Changed $changed): array
    {
        $containers = $changed->ids(Subject::Container);
        $places = $changed->ids(Subject::Place);
        if ($containers === [] && $places === []) {
            return [];
        }
        $this->facts->forget();
        foreach ($containers as $container) {
            $this->stores->place($container);
        }
        $lots = [];
        foreach ($containers as $container) {
            array_push($lots, ...$this->stores->idsIn($container), ...$this->everIn($this->stores->within($container)));
        }
        foreach ($places as $place) {
            array_push($lots, ...$this->stores->idsAt($place), ...$this->everIn([$place]));
        }

        return $lots;
    }

    /**
     * Those that ever lay in one of these, or in what ever lay in one: moved late, it moves what lay in it then, and a place's air is theirs.
     *
     * @param  list<string>  $holders  ids of places and containers
     * @return list<string> ids of lots
     */
    private function everIn(array $holders): array
    {
        $lots = [];
        $known = array_fill_keys($holders, true);
        for ($next = $holders; $next !== [];) {
            $named = DB::table('entry_refs')
                ->join('journal_entries', 'journal_entries.id', '=', 'entry_refs.entry_id')
                ->whereIn('entry_refs.subject', [Subject::Container->value, Subject::Place->value])->whereIn('entry_refs.subject_id', $next)
                ->whereIn('journal_entries.subject', [Subject::Lot->value, Subject::Container->value])
                ->distinct()->get(['journal_entries.subject', 'journal_entries.subject_id']);
            $next = [];
            foreach ($named as $row) {
                /** @var object{subject: string, subject_id: string} $row */
                if ($row->subject === Subject::Lot->value) {
                    $lots[$row->subject_id] = true;
                } elseif (! isset($known[$row->subject_id])) {
                    $known[$row->subject_id] = true;
                    $next[] = $row->subject_id;
                }
            }
        }

        return array_map(strval(...), array_keys($lots));
    }

    public function handbookChanged(HandbookChanged $changed): void
    {
        $varieties = DB::table('varieties')->where('crop', $changed->crop)->pluck('id')->all();
        $this->write(
            array_values(DB::table('lots')->whereIn('variety_id', $varieties)->pluck('id')->all()),
            array_values(DB::table('plantings')->whereIn('variety_id', $varieties)->pluck('id')->all()),
        );
    }

    /** What is set bears on much; whoever sets it does not wait for that. In the same transaction. */
    public function settingsChanged(SettingsChanged $changed): void
    {
        $bears = SettingList::bearsOn($changed->key);
        if ($bears !== BearsOn::Nothing) {
            Backlog::addAll(plantings: $bears === BearsOn::Everything);
        }
    }

    /**
     * Everything afresh from the journal, to its end: some at a time, so that who records meanwhile need not wait. Cut off
     * half-way, what is left goes on with whoever comes next.
     *
     * @param  ?Closure(float): void  $report  what share is done
     */
    public function rebuild(?Closure $report = null): void
    {
        WriteLock::hold(static function (): void {
            Backlog::addAll();
        });
        WriteLock::hold($this->stores->placeAll(...));
        $all = max(1, Backlog::size());
        while ($this->workOff(self::A_SLICE)) {
            WriteLock::pause();
            $report === null || $report(max(0.0, 1 - Backlog::size() / $all));
        }
    }

    /**
     * Some of what the lists are behind with, in a lock of its own.
     *
     * @return bool whether anything was left to do before it
     */
    public function workOff(int $most): bool
    {
        return WriteLock::hold(function () use ($most): bool {
            [$phase, $ids] = Backlog::next($most);
            if ($ids === []) {
                return false;
            }
            // What was remembered may be older than what somebody else has written since.
            $this->facts->forget();
            $this->crossings->forget();
            $this->lines->forget();
            $this->paces->forget();
            match ($phase) {
                Backlog::PLANTINGS => $this->plantingsAgain($ids),
                Backlog::LOTS => $this->lots($this->lotsOf($ids)),
                Backlog::LINES => $this->lines->keep($ids),
                Backlog::LINES_OF_PLANTINGS => $this->lines->keepOfPlantings($ids),
                Backlog::COUNTS => $this->lotsCounted($ids),
                default => $this->plans->write(array_map(intval(...), $ids)),
            };
            Backlog::done($phase, $ids);
            // What their tests tell of the store is known once all are, and bears on the forecasts of the others.
            if ($phase === Backlog::LOTS && Backlog::next(1)[0] !== Backlog::LOTS) {
                Backlog::add(Backlog::LOTS, array_values(array_diff($this->paces->behind(), $ids)));
            }

            return true;
        });
    }

    /**
     * A crossing that comes to light with them bears on lots that may have been reckoned already.
     *
     * @param  list<string>  $ids
     */
    private function plantingsAgain(array $ids): void
    {
        $before = $this->crossings->marks();
        $this->plantings($this->plantingsOf($ids));
        $this->crossings->forget();
        $after = $this->crossings->marks();
        $lots = self::marked($before, $after);
        Backlog::add(Backlog::LOTS, array_map(strval(...), $lots));
        Backlog::add(Backlog::LINES, array_map(strval(...), $lots));
    }

    /**
     * @param  list<string>  $lots  ids
     * @param  list<string>  $plantings  ids
     */
    private function later(array $lots, array $plantings): void
    {
        $this->lines->forget();
        $touched = $this->lines->touched($lots, $plantings);
        Backlog::add(Backlog::PLANTINGS, $plantings);
        Backlog::add(Backlog::LOTS, $lots);
        Backlog::add(Backlog::LINES, $touched);
        Backlog::add(Backlog::LINES_OF_PLANTINGS, array_values(array_unique([...$plantings, ...$this->lines->sownFrom($touched)])));
        Backlog::add(Backlog::COUNTS, $plantings);
    }

    /**
     * @param  list<string>  $ids
     * @return Collection<int, Planting>
     */
    private function plantingsOf(array $ids): Collection
    {
        return Planting::query()->with('variety')->findMany($ids);
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
            'UPDATE planting_standings SET lots = ('.self::LOTS_OF.'planting_standings.planting_id) WHERE planting_id IN ('.Bulk::marks($plantings).')',
            [Place::Plot->value, ...$plantings],
        );
    }

    /** @param  Collection<int, Planting>  $plantings  with their variety */
    private function plantings(Collection $plantings): void
    {
        $courses = $this->facts->plantings($plantings->toBase());
        $rows = [];
        $tasks = [];
        foreach ($plantings as $planting) {
            $course = $courses[$planting->id];
            $rows[] = Rows::planting($planting, $course, $this->countLots($planting->id));
            $tasks[] = [$planting, [...$course->putOff->leaves(self::settle($course->adrift(), Place::Plot, $course->adriftAt())), ...$course->tasks()]];
        }
        PlantingStanding::query()->upsert($rows, 'planting_id');
        $this->tasks(Subject::Planting, $tasks);
    }

    /**
     * @param  Collection<int, Lot>  $lots  with their variety and planting
     * @return bool whether their tests tell something else of the store than before
     */
    private function lots(Collection $lots): bool
    {
        $plantings = $lots->map(static fn (Lot $lot): ?string => $lot->planting?->id);

        return EntryStore::ahead(['lot' => self::ids($lots->pluck('id')), 'planting' => self::ids($plantings)], function () use ($lots): bool {
            $rows = [];
            $tests = [];
            $containers = [];
            $paces = [];
            $tasks = [];
            foreach ($lots as $lot) {
                $course = $this->facts->lot($lot);
                $rows[] = Rows::lot($lot, $course);
                array_push($containers, ...Rows::containers($lot, $course));
                foreach ($course->testing->tests as $test) {
                    $tests[] = Rows::test($lot, $test, $this->facts->practice);
                }
                $told = $course->telling();
                if ($told !== null) {
                    $paces[$lot->id] = ['lot_id' => $lot->id, 'weight' => $told->weight, 'pull' => $told->pull];
                }
                $tasks[] = [$lot, [...$course->putOff->leaves(self::settle($course->adrift(), $course->place(), $course->adriftAt())), ...$course->tasks()]];
            }
            LotStanding::query()->upsert($rows, 'lot_id', array_values(array_diff(array_keys($rows[0] ?? []), ['line'])));
            DB::table('lot_containers')->whereIn('lot_id', $lots->pluck('id'))->delete();
            Bulk::insert('lot_containers', $containers);
            TestStanding::query()->whereIn('lot_id', $lots->pluck('id'))->delete();
            Bulk::insert('test_standings', $tests);
            $this->tasks(Subject::Lot, $tasks);

            return $this->tellings(self::ids($lots->pluck('id')), $paces);
        });
    }

    /**
     * @param  list<string>  $lots  ids
     * @param  array<string, array{lot_id: string, weight: float, pull: float}>  $paces  what the tests of some of them tell, by id
     */
    private function tellings(array $lots, array $paces): bool
    {
        // To the digits that count: the same tests tell the same, in whatever order they are summed.
        $said = static fn (float $weight, float $pull): string => sprintf('%.9e %.9e', $weight, $pull);
        $was = [];
        foreach (DB::table('lot_paces')->whereIn('lot_id', $lots)->get() as $row) {
            /** @var object{lot_id: string, weight: float, pull: float} $row */
            $was[$row->lot_id] = $said($row->weight, $row->pull);
        }
        $is = array_map(static fn (array $pace): string => $said($pace['weight'], $pace['pull']), $paces);
        if (array_diff_assoc($was, $is) === [] && array_diff_assoc($is, $was) === []) {
            return false;
        }
        DB::table('lot_paces')->whereIn('lot_id', $lots)->delete();
        Bulk::insert('lot_paces', array_values($paces));
        $this->paces->forget();

        return true;
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
        count($lots) + count($plantings) > self::AT_ONCE
            ? $this->later($lots, $plantings)
            // A lot and its planting are folded with each other's entries: those of few are read once for both.
            : EntryStore::ahead(['planting' => $plantings, 'lot' => $lots], fn () => $this->project($lots, $plantings));
    }

    /**
     * @param  list<string>  $lots  ids
     * @param  list<string>  $plantings  ids
     */
    private function project(array $lots, array $plantings): void
    {
        $before = $this->crossings->marks();
        $this->plantings($this->plantingsOf($plantings));
        $this->crossings->forget();
        // A crossing that comes to light, or goes again, bears on everything grown from that lot.
        $after = $this->crossings->marks();
        $lots = array_values(array_unique([...$lots, ...self::marked($before, $after)]));
        $taught = $this->lots($this->lotsOf($lots));
        if ($taught) {
            // A test of one lot tells of the store, and so of what is to be expected of the others: their forecasts follow.
            Backlog::add(Backlog::LOTS, array_values(array_diff($this->paces->behind(), $lots)));
        }
        $this->linesOf($lots, $plantings);
        $this->lotsCounted($plantings);
    }

    /**
     * What was recorded of some bears on how true they, what they were sown from and what descends from them are.
     *
     * @param  list<string>  $lots  ids
     * @param  list<string>  $plantings  ids
     */
    private function linesOf(array $lots, array $plantings): void
    {
        $this->lines->forget();
        $touched = $this->lines->touched($lots, $plantings);
        $this->lines->keep($touched);
        $this->lines->keepOfPlantings(array_values(array_unique([...$plantings, ...$this->lines->sownFrom($touched)])));
    }

    /**
     * @param  list<string>  $before  marks of crossings
     * @param  list<string>  $after
     * @return list<string> ids of the lots whose marks are others now
     */
    private static function marked(array $before, array $after): array
    {
        return array_values(array_unique(array_map(static fn (string $mark): string => explode(' ', $mark)[0], [...array_diff($before, $after), ...array_diff($after, $before)])));
    }

    private function countLots(string $planting): int
    {
        return (int) DB::scalar(self::LOTS_OF.'?', [Place::Plot->value, $planting]);
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

    /** @param  list<array{Lot|Planting, list<Task>}>  $tasks  what they are of, each of these anew, and they */
    private function tasks(Subject $subject, array $tasks): void
    {
        DueTask::query()->where('subject', $subject->value)->whereIn('subject_id', array_map(static fn (array $of): string => $of[0]->id, $tasks))->delete();
        Bulk::insert('tasks', Rows::tasks($subject, $tasks));
    }
}
