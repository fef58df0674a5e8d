<?php

declare(strict_types=1);

namespace App\Intake;

use App\Clock;
use App\Journal\Changed;
use App\Journal\JournalRow;
use App\Lineage\Generations;
use App\Models\Act;
use App\Models\Acting;
use App\Models\Bulk;
use App\Models\Container;
use App\Models\DueTask;
use App\Models\JournalEntry;
use App\Models\Keeper;
use App\Models\Lot;
use App\Models\Place;
use App\Models\TakenAlready;
use App\Models\Variety;
use App\Models\WriteLock;
use App\Moment;
use App\Projection\Projector;
use App\Projection\Rows;
use App\Projection\Spans;
use App\Reading\Facts;
use Closure;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Population\Role;
use Ramsey\Uuid\Uuid;

/**
 * Many lots that come in as one act: all of them or none, and taken back as one. What they make of the garden is worked out
 * first, while others may write; then it is written in one go.
 */
final readonly class ActBook
{
    /** So often all is worked out anew when somebody else wrote meanwhile; after that, nobody else may. */
    private const TRIES = 3;

    public function __construct(private Names $names, private Facts $facts, private Clock $clock, private Projector $projector) {}

    /**
     * @param  string  $id  made by the sender: the same act sent again is one act
     * @param  ?Closure(float): mixed  $report  what share is done
     *
     * @throws Refused when a line cannot be kept as it is
     */
    public function keep(string $id, string $title, Sheet $sheet, Acting $by, ?Closure $report = null): Act
    {
        for ($try = 1; ; $try++) {
            $kept = Act::query()->find($id);
            if ($kept !== null) {
                return $kept->sort === 'taken_in' && in_array($kept->digest, ['', $sheet->digest()], true) ? $kept : throw new TakenAlready("“{$kept->title}”");
            }
            [$mark, $working, $lots] = $this->worked($id, $sheet, $report);
            $act = WriteLock::hold(function () use ($id, $title, $sheet, $by, $mark, $working, $lots, $try): ?Act {
                if (Names::mark() !== $mark) {
                    if ($try < self::TRIES) {
                        return null;
                    }
                    [, $working, $lots] = $this->worked($id, $sheet, null);
                }

                return $this->write($id, $title, $sheet->digest(), $by, $working, $lots);
            });
            if ($act !== null) {
                return $act;
            }
        }
    }

    /**
     * Everything that was recorded with it is struck. What was recorded of its lots since stays, and stands adrift.
     *
     * @throws Refused when it was asked nothing of what was recorded since
     */
    public function takeBack(Act $act, bool $evenSo, Acting $by): Act
    {
        WriteLock::hold(function () use ($act, $evenSo, $by): void {
            $entries = JournalEntry::query()->toBase()->where('act', $act->id)->get(['id', 'subject', 'subject_id']);
            $lots = $entries->where('subject', Subject::Lot->value)->pluck('subject_id')->unique()->values()->all();
            $since = $this->recordedSince($act);
            if ($since > 0 && ! $evenSo) {
                throw Refused::at('even_so', self::loses($since));
            }
            $struck = DB::table('journal_entries')->where('kind', 'struck')->whereIn('subject_id', $entries->pluck('subject_id')->unique()->all())->pluck('payload')
                ->map(static fn (mixed $payload): mixed => is_string($payload) && is_array($said = json_decode($payload, true)) ? $said['entry'] ?? null : null)->flip();
            $now = $this->clock->now();
            $rows = [];
            foreach ($entries as $entry) {
                /** @var object{id: string, subject: string, subject_id: string} $entry */
                if (! $struck->has($entry->id)) {
                    $strike = Uuid::uuid5($act->id, "strike $entry->id")->toString();
                    $rows[] = $this->row(Subject::from($entry->subject), $strike, $strike, $entry->subject_id, 'struck', ['entry' => $entry->id, 'reason' => 'taken back: '.$act->title], $now, null, $by);
                }
            }
            Bulk::insert('journal_entries', $rows);
            Act::query()->where('id', $act->id)->update(['taken_back_at' => Moment::keep($now)]);
            $this->facts->forget();
            $this->projector->journalChanged(new Changed(array_values(array_map(static fn (mixed $lot): array => [Subject::Lot, is_string($lot) ? $lot : ''], $lots))));
        });

        return Act::query()->findOrFail($act->id);
    }

    /** What taking it back leaves without a lot; empty of nothing. */
    public static function loses(int $since): string
    {
        return $since === 0 ? '' : sprintf('%d of these lots %s had something else recorded since. It stays in the journal, but there is then no lot that it is of.', $since, $since === 1 ? 'has' : 'have');
    }

    /** Of how many of its lots something has been recorded since. */
    public function recordedSince(Act $act): int
    {
        return DB::table('journal_entries as own')->where('own.act', $act->id)
            ->join('journal_entries as more', static fn ($join) => $join->on('more.subject_id', '=', 'own.subject_id')->whereRaw('more.act IS NOT own.act')->where('more.kind', '!=', 'struck'))
            ->distinct()->count('own.subject_id');
    }

    /**
     * @param  ?Closure(float): mixed  $report
     * @return array{string, Working, list<NewLot>}
     *
     * @throws Refused
     */
    private function worked(string $id, Sheet $sheet, ?Closure $report): array
    {
        $mark = Names::mark();
        $this->facts->forget();
        $working = new Working($this->names->reader(), $this->facts, $this->clock, $id, $sheet);
        $lots = [];
        foreach ($working->lines($report) as $line) {
            if ($line->status() === 'stopped') {
                throw Refused::at("lines.$line->id", $line->doubts[0]->message);
            }
            if ($line->new !== null) {
                $lots[] = $line->new;
            }
        }
        if ($lots === []) {
            throw Refused::at('lines', 'There is nothing in it that is not here already.');
        }

        return [$mark, $working, $lots];
    }

    /** @param  list<NewLot>  $lots */
    private function write(string $id, string $title, string $digest, Acting $by, Working $working, array $lots): Act
    {
        $act = Act::query()->create(['id' => $id, 'title' => $title, 'lots' => count($lots), 'made_at' => Moment::keep($this->clock->now()), 'taken_back_at' => null, 'digest' => $digest]);
        Bulk::insert('places', self::attributes($working->newPlaces()));
        Bulk::insert('varieties', self::attributes($working->newVarieties));
        Bulk::insert('lots', self::attributes(array_map(static fn (NewLot $new): Lot => $new->lot, $lots)));
        Bulk::insert('containers', self::attributes($working->newContainers));
        $origins = $containers = $lying = $entries = $references = $standings = $tasks = [];
        foreach ($working->newPlacings as [$container, $entry]) {
            $entries[] = $this->row(Subject::Container, $entry->id, $entry->order, $container, $entry->kind->name, $entry->kind->keep($entry->payload), $entry->happenedAt, $id, $by);
            array_push($references, ...self::references($entry));
        }
        foreach ($lots as $new) {
            $origins[] = ['lot_id' => $new->lot->id, 'role' => Role::Mother->value, 'kind' => 'received', 'planting_id' => null];
            $kept = $new->course->storing->now;
            if ($kept !== null) {
                $containers[] = ['id' => $new->lot->id, 'kind' => $kept->container->value, 'place_id' => $new->placeId, 'inside' => $new->inside];
            }
            foreach ($new->entries as $entry) {
                $entries[] = $this->row(Subject::Lot, $entry->id, $entry->order, $new->lot->id, $entry->kind->name, $entry->kind->keep($entry->payload), $entry->happenedAt, $id, $by);
                array_push($references, ...self::references($entry));
            }
            array_push($lying, ...Rows::containers($new->lot, $new->course));
            $standings[] = Rows::lot($new->lot, $new->course);
            $tasks[] = [$new->lot, $new->course->tasks()];
        }
        Bulk::insert('lot_parents', $origins);
        Bulk::insert('containers', $containers);
        Bulk::insert('journal_entries', $entries);
        Bulk::insert('entry_refs', $references);
        Bulk::insert('lot_standings', $standings);
        Bulk::insert('lot_containers', $lying);
        Bulk::insert('tasks', DueTask::rows(Subject::Lot, $tasks));
        Spans::keep(Subject::Lot, array_map(static fn (NewLot $new): string => $new->lot->id, $lots));
        Generations::keep(array_map(static fn (NewLot $new): string => $new->lot->id, $lots));
        $this->facts->forget();

        return $act;
    }

    /** @return list<array<string, string>> what an entry refers to */
    private static function references(Entry $entry): array
    {
        $references = [];
        foreach ($entry->kind->references() as $role => $subject) {
            $of = $entry->kind->value($entry->payload, $role);
            if (is_string($of)) {
                $references[] = ['entry_id' => $entry->id, 'role' => $role, 'subject' => $subject->value, 'subject_id' => $of];
            }
        }

        return $references;
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return array<string, mixed>
     */
    private function row(Subject $subject, string $id, string $order, string $of, string $kind, array $payload, DateTimeImmutable $at, ?string $act, Acting $by): array
    {
        return JournalRow::of($id, $order, $subject, $of, $kind, $payload, $at, $this->clock->now(), ['given_at' => Moment::keep($at), 'act' => $act, 'recorded_by' => $by->name, 'keeper_id' => Keeper::named($by->name)]);
    }

    /**
     * @param  list<Container|Lot|Place|Variety>  $models
     * @return list<array<string, mixed>>
     */
    private static function attributes(array $models): array
    {
        return array_map(static fn (Container|Lot|Place|Variety $model): array => $model->getAttributes(), $models);
    }
}
