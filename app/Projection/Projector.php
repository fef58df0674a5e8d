<?php

declare(strict_types=1);

namespace App\Projection;

use App\Garden\SettingsChanged;
use App\Handbook\HandbookChanged;
use App\Journal\Changed;
use App\Journal\Reach;
use App\Journal\Subjects;
use App\Lineage\Crossings;
use App\Lineage\Generations;
use App\Lineage\Lines;
use App\Models\Backlog;
use App\Models\Bulk;
use App\Models\DueTask;
use App\Models\Lot;
use App\Models\Planting;
use App\Models\PlantingStanding;
use App\Models\WriteLock;
use App\Plans\PlansAfresh;
use App\Reading\Facts;
use App\Reading\JournalReader;
use App\Reading\StorePaces;
use App\Reading\Stores;
use App\Works\Slices;
use Closure;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Settings\BearsOn;
use Marrow\Core\Settings\SettingList;

/** Writes what lists and search need from the journal: always the whole of one thing, so that nothing can drift. */
final readonly class Projector implements Slices
{
    /** So many are written while whoever records waits; what more it bears on follows. */
    private const AT_ONCE = 40;

    /** For so many nobody need wait long. */
    private const A_SLICE = 100;

    /** @param  Subjects<Followed>  $sorts  what others are made of stands behind those */
    public function __construct(private Subjects $sorts, private JournalReader $journal, private Facts $facts, private Crossings $crossings, private StorePaces $paces, private Stores $stores, private Lines $lines, private PlansAfresh $plans) {}

    /** What was recorded of things bears on what they came from, on what lies in them, and on what was grown from them. */
    public function journalChanged(Changed $changed): void
    {
        $ids = [];
        foreach (array_reverse($this->sorts->all()) as $sort) {
            $of = $sort->subject()->value;
            $derived = $ids[$of] ?? [];
            $ids[$of] = [...$derived, ...$changed->ids($sort->subject())];
            $tell = array_values(array_unique([...$derived, ...$changed->ids($sort->subject(), Reach::Since)]));
            foreach ($tell === [] ? [] : $sort->bearsOn($tell, $changed) as $on => $more) {
                $ids[$on] = [...$ids[$on] ?? [], ...$more];
            }
        }
        $ids = array_map(static fn (array $some): array => array_values(array_unique($some)), $ids);
        [$plantings, $lots] = [$ids[Subject::Planting->value] ?? [], $ids[Subject::Lot->value] ?? []];
        foreach (array_diff_key($ids, [Subject::Planting->value => 0, Subject::Lot->value => 0]) as $of => $things) {
            $this->keep(Subject::from($of), $things);
        }
        // That seed was picked settles the growing out of what it was sown from.
        $lots = [...$lots, ...self::sownAs($plantings)];
        // How true a line is rests on how seed came to be, not on what became of it since.
        $since = [...array_diff($changed->ids(Subject::Lot), $changed->ids(Subject::Lot, Reach::Beginning)), ...array_diff($changed->ids(Subject::Planting), $changed->ids(Subject::Planting, Reach::Since))];
        $this->write(array_values(array_unique($lots)), $plantings, $since);
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
        WriteLock::hold($this->allAgain(...));
        WriteLock::hold($this->stores->placeAll(...));
        $all = max(1, Backlog::size());
        while ($this->workOff(self::A_SLICE)) {
            WriteLock::pause();
            $report === null || $report(max(0.0, 1 - Backlog::size() / $all));
        }
    }

    /** All that lists hold is to be written anew. In the same transaction. */
    public function allAgain(): void
    {
        Backlog::addAll();
        foreach ($this->sorts->all() as $sort) {
            if (! in_array($sort->subject(), [Subject::Lot, Subject::Planting], true)) {
                Backlog::addThings($sort->subject(), $sort->every());
            }
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
                Backlog::LOTS => $this->keep(Subject::Lot, $ids),
                Backlog::LINES => $this->linesAgain($ids),
                Backlog::LINES_OF_PLANTINGS => $this->linesOfPlantings($ids),
                Backlog::COUNTS => PlantingStanding::countLots($ids),
                Backlog::THINGS => $this->others($ids),
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
        $this->keep(Subject::Planting, $ids);
        $this->crossings->forget();
        $after = $this->crossings->marks();
        $lots = self::marked($before, $after);
        Backlog::add(Backlog::LOTS, array_map(strval(...), [...$lots, ...self::sownAs($ids)]));
        Backlog::add(Backlog::LINES, array_map(strval(...), $lots));
    }

    /**
     * @param  list<string>  $plantings  ids
     * @return list<string> ids of the lots that they were sown from, by what stands of them
     */
    private static function sownAs(array $plantings): array
    {
        return Bulk::ids(DB::table('planting_standings')->whereIn('planting_id', $plantings)->whereNotNull('sown_lot')->pluck('sown_lot'));
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

    /** @param  list<string>  $marks  of the backlog: what it is, and its id */
    private function others(array $marks): void
    {
        $ids = [];
        foreach ($marks as $mark) {
            [$subject, $id] = explode(' ', $mark, 2);
            $ids[$subject][] = $id;
        }
        foreach ($ids as $subject => $things) {
            $this->keep(Subject::from($subject), $things);
        }
    }

    /**
     * What lists hold of things of one sort, and what is to be done with each.
     *
     * @param  list<string>  $ids
     */
    private function keep(Subject $subject, array $ids): void
    {
        if ($ids === []) {
            return;
        }
        $tasks = $this->sorts->of($subject)->project($ids);
        DueTask::query()->where('subject', $subject->value)->whereIn('subject_id', $ids)->delete();
        Bulk::insert('tasks', DueTask::rows($subject, $tasks));
    }

    /**
     * @param  list<string>  $lots  ids
     * @param  list<string>  $plantings  ids
     * @param  list<string>  $asTrue  those of either of which nothing was told that bears on how true it is
     */
    private function write(array $lots, array $plantings, array $asTrue = []): void
    {
        count($lots) + count($plantings) > self::AT_ONCE
            ? $this->later($lots, $plantings)
            // A lot and its planting are folded with each other's entries: those of few are read once for both.
            : $this->journal->ahead([Subject::Planting->value => $plantings, Subject::Lot->value => $lots], fn () => $this->project($lots, $plantings, $asTrue));
    }

    /**
     * @param  list<string>  $lots  ids
     * @param  list<string>  $plantings  ids
     * @param  list<string>  $asTrue  as above
     */
    private function project(array $lots, array $plantings, array $asTrue): void
    {
        if ($plantings !== []) {
            $before = $this->crossings->marks();
            $this->keep(Subject::Planting, $plantings);
            $this->crossings->forget();
            // A crossing that comes to light, or goes again, bears on everything grown from that lot; a sowing that is told, or told again, on what it took.
            $lots = array_values(array_unique([...$lots, ...self::sownAs($plantings), ...self::marked($before, $this->crossings->marks())]));
        }
        $this->keep(Subject::Lot, $lots);
        if ($this->paces->wereTaught()) {
            // A test of one lot tells of the store, and so of what is to be expected of the others: their forecasts follow.
            Backlog::add(Backlog::LOTS, array_values(array_diff($this->paces->behind(), $lots)));
        }
        $this->linesOf(array_values(array_diff($lots, $asTrue)), array_values(array_diff($plantings, $asTrue)));
        $plantings === [] || PlantingStanding::countLots($plantings);
    }

    /**
     * What was recorded of some bears on how true they, what they were sown from and what descends from them are.
     *
     * @param  list<string>  $lots  ids
     * @param  list<string>  $plantings  ids
     */
    private function linesOf(array $lots, array $plantings): void
    {
        if ($lots === [] && $plantings === []) {
            return;
        }
        $this->lines->forget();
        $touched = $this->lines->touched($lots, $plantings);
        $this->linesAgain($touched);
        $this->linesOfPlantings(array_values(array_unique([...$plantings, ...$this->lines->sownFrom($touched)])));
    }

    /** @param  list<string>  $lots  ids */
    private function linesAgain(array $lots): void
    {
        // Of which generation it is bears on how true it can be.
        Generations::keep($lots);
        $this->lines->keep($lots);
    }

    /** @param  list<string>  $plantings  ids */
    private function linesOfPlantings(array $plantings): void
    {
        Generations::keepOfPlantings($plantings);
        $this->lines->keepOfPlantings($plantings);
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
}
