<?php

declare(strict_types=1);

namespace App\Things;

use App\Documents\FoundDocument;
use App\Finding\Sought;
use App\Journal\Begins;
use App\Journal\Changed;
use App\Journal\Draft;
use App\Journal\LotQuestions;
use App\Journal\Reach;
use App\Journal\WhichHolder;
use App\Lineage\LineNames;
use App\Lineage\Parents;
use App\Models\Bulk;
use App\Models\Code;
use App\Models\Lot;
use App\Models\LotStanding;
use App\Models\Planting;
use App\Models\Recorded;
use App\Models\TestStanding;
use App\Presenting\LotSheet;
use App\Presenting\Tags;
use App\Projection\Rows;
use App\Projection\Spans;
use App\Reading\Facts;
use App\Reading\JournalReader;
use App\Reading\OnTheBench;
use App\Reading\StorePaces;
use App\Reading\Tagged;
use App\Tagging\PaperTags;
use App\Voice\When;
use App\Words\Stages;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Facades\DB;
use LogicException;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Admission;
use Marrow\Core\Folding\Course;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Breeding\CrossPicked;
use Marrow\Core\Steps\Breeding\NamesLine;
use Marrow\Core\Things\Registered;
use Marrow\Core\Work\Place;

/** Lots of seed. */
final readonly class LotSort implements ThingSort
{
    private const FOUND = 20;

    public function __construct(private Facts $facts, private JournalReader $journal, private LotQuestions $questions, private Tags $tags, private StorePaces $paces, private PaperTags $paper, private OnTheBench $bench) {}

    public function subject(): Subject
    {
        return Subject::Lot;
    }

    public function listed(): string
    {
        return '/store';
    }

    public function table(): string
    {
        return 'lots';
    }

    public function find(string $id): ?Lot
    {
        return Lot::query()->with(['variety', 'planting.variety'])->find($id);
    }

    public function byNumber(int $number): ?Lot
    {
        return Tagged::lot($number);
    }

    public function goneBy(string $id): ?string
    {
        return null;
    }

    public function comeBack(string $id): void {}

    public function mustBe(Recorded $thing, Draft $draft): void
    {
        $lot = self::lot($thing);
        if ($draft->begins?->planting !== null && $lot->planting?->id !== $draft->begins->planting) {
            throw Refused::at('id', "That lot stands already, as {$lot->code()} of another planting. Nothing was changed.");
        }
        if ($draft->begins?->variety !== null && $lot->variety_id !== $draft->begins->variety) {
            throw Refused::at('variety', "{$lot->code()} stands already, of another variety. Nothing was changed.");
        }
    }

    public function begin(Draft $draft, Begins $begins, Kind $kind): Lot
    {
        $planting = $begins->planting === null ? null : Planting::query()->find($begins->planting) ?? throw Refused::at('planting', 'There is no such planting.');
        $parent = $kind->from === Subject::Lot ? self::parentOf($draft) : null;
        $planting ??= $parent?->planting;
        $variety = $parent->variety_id ?? self::ofCross($draft, $planting) ?? ($planting === null ? $begins->variety()->id : $planting->variety_id);
        if ($planting === null && $kind->from === Subject::Planting) {
            throw Refused::at('planting', 'Say which planting it was picked from.');
        }
        Lot::query()->create(['id' => $draft->aboutId, 'number' => Code::next('lots'), 'variety_id' => $variety]);
        Parents::begin($draft->aboutId, $draft->kind, $draft->payload, $planting?->id, $parent?->id);

        return $this->find($draft->aboutId) ?? throw new LogicException('A lot that was made is not there.');
    }

    public function admit(Recorded $thing, array $entries, Entry $entry, ?string $replaces = null, ?Course $before = null): Admission
    {
        return LotCourse::admit($this->facts->ofLot(self::lot($thing), [...$entries, $entry]), $entries, $entry, $this->facts->practice, $replaces, $before);
    }

    public function leftAdrift(Recorded $thing, array $entries, string $without): array
    {
        return LotCourse::leftWithout($this->facts->ofLot(self::lot($thing)), $entries, $without, $this->facts->practice);
    }

    public function alsoAsks(Recorded $thing, Entry $entry): array
    {
        return $this->questions->of(self::lot($thing), $entry);
    }

    public function names(array $ids): array
    {
        return DB::table('lots')->whereIn('id', $ids)->pluck('number', 'id')->map(static fn (mixed $number): string => Code::of(Subject::Lot, $number))->all();
    }

    public function shown(array $ids): array
    {
        return array_map($this->tags->shown(...), Tagged::lots($ids));
    }

    public function folded(string $id): ?LotCourse
    {
        $lot = $this->find($id);

        return $lot === null ? null : $this->facts->lot($lot);
    }

    public function offered(array $ids, When $when): array
    {
        $offered = [];
        $this->facts->each(Lot::query()->with(['variety', 'planting.variety'])->findMany($ids)->toBase(), function (Lot $lot, LotCourse $course) use ($when, &$offered): void {
            $offered[$lot->id] = LotSheet::offers($course, $when, $course->place() === Place::Bench ? $this->bench->alike($course->facts->crop, $lot->code()) : []);
        });

        return $offered;
    }

    public function offersAt(string $id, ?DateTimeImmutable $before, DateTimeImmutable $now): array
    {
        $lot = $this->find($id);

        return match (true) {
            $lot === null => [],
            $before === null => $this->facts->lot($lot)->spokenOffers($now),
            default => $this->facts->lotBefore($lot, $before)->spokenOffers($before),
        };
    }

    public function every(): Query
    {
        return DB::table('lots');
    }

    /** What was poured together of some of these has as much as there was of them; whether a planting was picked is told by how its lots began. */
    public function bearsOn(array $ids, Changed $changed): array
    {
        $since = array_diff($changed->ids(Subject::Lot), $changed->ids(Subject::Lot, Reach::Beginning));
        $poured = Bulk::ids(DB::table('lot_parents')->whereIn('from_lot_id', $ids)->pluck('lot_id'));

        return [
            Subject::Lot->value => $poured,
            Subject::Planting->value => Bulk::ids(DB::table('lot_parents')->whereIn('lot_id', [...array_diff($ids, $since), ...$poured])->whereNotNull('planting_id')->pluck('planting_id')),
        ];
    }

    public function project(array $ids): array
    {
        $lots = Lot::query()->with(['variety', 'planting.variety'])->findMany($ids);
        $read = [Subject::Lot->value => $ids, Subject::Planting->value => Bulk::ids($lots->map(static fn (Lot $lot): ?string => $lot->planting?->id))];

        return $this->journal->ahead($read, function () use ($lots, $ids): array {
            $rows = $tests = $containers = $paces = $tasks = $courses = [];
            foreach ($lots as $lot) {
                $course = $this->facts->lot($lot);
                LineNames::settle($lot, $course);
                $rows[] = Rows::lot($lot, $course);
                array_push($containers, ...Rows::containers($lot, $course));
                foreach ($course->testing->tests as $test) {
                    $tests[] = Rows::test($lot, $test, $this->facts->practice);
                }
                $told = $course->telling();
                if ($told !== null) {
                    $paces[$lot->id] = ['lot_id' => $lot->id, 'weight' => $told->weight, 'pull' => $told->pull];
                }
                $tasks[] = [$lot, $course->due()];
                $courses[$lot->id] = $course;
            }
            // How true it is follows from others, and is written by Lines.
            LotStanding::query()->upsert($rows, 'lot_id', array_values(array_diff(array_keys($rows[0] ?? []), ['line'])));
            Parents::settle($courses);
            Spans::keep(Subject::Lot, $ids);
            DB::table('lot_containers')->whereIn('lot_id', $ids)->delete();
            Bulk::insert('lot_containers', $containers);
            TestStanding::query()->whereIn('lot_id', $ids)->delete();
            Bulk::insert('test_standings', $tests);
            $this->paces->tell($ids, $paces);

            return $tasks;
        });
    }

    /** The one of the code that was typed, then those of which there is still seed, then the others; the newest first. */
    public function seek(Sought $sought): array
    {
        $rows = static fn (): Builder => LotStanding::query()->select(['lot_id', 'number', 'place', 'stage', 'used_up', 'store_place']);
        $number = Code::number($sought->text, Subject::Lot);
        $found = $number === null ? [] : $rows()->where('number', $number)->get()->keyBy('lot_id')->all();
        // By the index, each by itself: no more is read than is shown. Without it all must be read, and are ordered.
        // One that was taken back is found by its code alone.
        foreach ($sought->isIndexed() ? [$rows()->where('used_up', 0), $rows()->where('used_up', 1)] : [$rows()->orderBy('used_up')] as $pass) {
            $sought->narrow($pass->where('place', '!=', Place::Plot->value), LotStanding::WORDS);
            $found += count($found) < self::FOUND ? $pass->orderByDesc('number')->limit(self::FOUND)->get()->keyBy('lot_id')->all() : [];
        }
        $found = array_slice(array_values($found), 0, self::FOUND);
        $lots = Tagged::lots(array_map(static fn (LotStanding $row): string => $row->lot_id, $found));

        return array_map(fn (LotStanding $row): FoundDocument => FoundDocument::thing(
            $this->tags->lot($lots[$row->lot_id]),
            Stages::of($row->place, $row->stage, $row->used_up === 1).($row->place === Place::Store->value && $row->store_place !== null ? ', '.$row->store_place : ''),
        ), $found);
    }

    public function paper(array $numbers, string $place, When $when): array
    {
        $lots = Lot::query()->with(['variety', 'standing', 'planting.variety'])
            ->where(static function ($query) use ($numbers, $place): void {
                $query->whereIn('number', $numbers);
                if ($place === Place::Trays->value) {
                    $query->orWhereIn('id', DB::table('test_standings')->whereNull('ended_at')->select('lot_id'));
                } elseif ($place !== '' && $place !== Place::Plot->value) {
                    $query->orWhereIn('id', DB::table('lot_standings')->where('place', $place)->where('used_up', 0)->select('lot_id'));
                }
            })
            ->orderBy('number')->limit(self::MOST)->get();

        return array_merge([], ...$this->facts->each($lots, fn (Lot $lot, LotCourse $course): array => $this->paper->ofLot($lot, $course, $when)));
    }

    /**
     * Seed of a cross is of the cross, whatever it was picked from.
     *
     * @throws Refused
     */
    private static function ofCross(Draft $draft, ?Planting $planting): ?string
    {
        if ($planting === null || $draft->kind !== Kind::declared(CrossPicked::class)->name) {
            return null;
        }
        $cross = Registered::kinds()->read($draft->kind, WhichHolder::of(Kind::declared(CrossPicked::class), $draft->payload));

        if (! $cross instanceof NamesLine) {
            return null;
        }
        LineNames::mustBeFree($planting->variety->crop, $cross);

        return LineNames::variety($planting->variety->crop, $cross)->id;
    }

    /** @throws Refused */
    private static function parentOf(Draft $draft): Lot
    {
        $id = $draft->payload['lot'] ?? null;

        return (is_string($id) ? Lot::query()->with('planting')->find($id) : null) ?? throw Refused::at('lot', 'Say which lot it is set apart from.');
    }

    private static function lot(Recorded $thing): Lot
    {
        return $thing instanceof Lot ? $thing : throw new LogicException('That is no lot.');
    }
}
