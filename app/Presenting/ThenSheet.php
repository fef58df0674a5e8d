<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\TagDocument;
use App\Documents\TaskDocument;
use App\Documents\ThenDocument;
use App\Documents\ThenPlaceDocument;
use App\Documents\ThenThingDocument;
use App\Models\Bulk;
use App\Models\DueTask;
use App\Models\Lot;
use App\Models\Planting;
use App\Moment;
use App\Reading\Facts;
use App\Reading\Past;
use App\Voice\Quantity;
use App\Voice\Speaking;
use App\Voice\When;
use App\Words\AdviceWords;
use App\Words\Stages;
use App\Words\StockWords;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\LineWord;
use Marrow\Core\Folding\Folded;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;

/**
 * A day that was. Each thing that was there is folded twice: from what had been recorded by that day's end, which is what was
 * believed then, and from all that is known now of what had happened by then.
 */
final readonly class ThenSheet
{
    /** Lots and plantings on a page. */
    public const A_PAGE = 250;

    /** Months after its sowing that a planting of which nothing was picked may still have stood. */
    private const STOOD = 30;

    public function __construct(private Past $past, private Tags $tags, private Tasks $tasks) {}

    public function of(DateTimeImmutable $day, int $page): ThenDocument
    {
        $end = $day->setTime(0, 0)->modify('+1 day');
        $all = $this->there($day->setTime(0, 0), $end);
        $shown = array_slice($all, ($page - 1) * self::A_PAGE, self::A_PAGE);
        $ids = static fn (Subject $subject): array => array_values(array_map(static fn (array $one): string => $one[1], array_filter($shown, static fn (array $one): bool => $one[0] === $subject)));
        [$lots, $plantings] = [$ids(Subject::Lot), $ids(Subject::Planting)];
        $then = $this->folded($this->past->facts($end, true, $lots), $lots, $plantings);
        $now = $this->folded($this->past->facts($end, false, $lots), $lots, $plantings);
        $next = $this->nextTests($lots, $end);
        $places = [];
        $when = new When($end->modify('-1 minute'));
        foreach ($then as $id => [$thing, $course]) {
            $known = $now[$id][1];
            $was = self::isThere($course, $when->now);
            if (! $was && ! self::isThere($known, $when->now)) {
                continue;
            }
            $places[($was ? $course : $known)->place()->value][] = $this->thing($thing, $course, $known, $when, $next[$id] ?? '');
        }

        return new ThenDocument(
            $day->format('Y-m-d'),
            sprintf('%s, as it ended. Each stands as it did by what had been recorded by then; where more is known now, that stands beside it. Settings and the handbook are today’s; forecasts go by the model alone.', Speaking::forms()->day($day)),
            array_values(array_map(static fn (Place $place): ThenPlaceDocument => new ThenPlaceDocument($place->value, $places[$place->value] ?? []), Place::cases())),
            count($all),
            count($all) > count($shown) ? sprintf('%s of %s that may have been there then are on this page.', Quantity::number(count($shown), 'thing'), number_format(count($all), 0, '.', ' ')) : '',
            self::first(),
        );
    }

    private static function first(): ?string
    {
        $first = DB::table('journal_entries')->min('happened_at');

        return is_string($first) ? substr($first, 0, 10) : null;
    }

    /**
     * What may have been there: begun by then, and not known to be used up before.
     *
     * @return list<array{Subject, string}>
     */
    private function there(DateTimeImmutable $start, DateTimeImmutable $end): array
    {
        $lots = DB::select(
            'SELECT lot_id AS id, number FROM lot_standings WHERE used_up = 0 AND first_at < ?
             UNION ALL SELECT lot_id, number FROM lot_standings WHERE used_up = 1 AND quiet_since >= ? AND first_at < ? ORDER BY number',
            [Moment::keep($end), Moment::keep($start), Moment::keep($end)],
        );
        $plantings = DB::select(
            'SELECT p.id FROM planting_standings s CROSS JOIN plantings p ON p.id = s.planting_id WHERE s.first_at < ? AND s.first_at >= ? ORDER BY p.number',
            [Moment::keep($end), Moment::keep($start->modify(sprintf('-%d months', self::STOOD)))],
        );

        return [
            ...array_map(static fn (string $id): array => [Subject::Planting, $id], Bulk::ids(collect($plantings)->pluck('id'))),
            ...array_map(static fn (string $id): array => [Subject::Lot, $id], Bulk::ids(collect($lots)->pluck('id'))),
        ];
    }

    /**
     * @param  list<string>  $lots
     * @param  list<string>  $plantings
     * @return array<string, array{Lot|Planting, LotCourse|PlantingCourse}> by id
     */
    private function folded(Facts $facts, array $lots, array $plantings): array
    {
        $folded = [];
        $rows = Planting::query()->with(['variety', 'standing'])->findMany($plantings)->sortBy('number')->values()->toBase();
        foreach ($facts->plantings($rows) as $id => $course) {
            $folded[$id] = [$rows->firstWhere('id', $id) ?? new Planting, $course];
        }
        $facts->each(Lot::query()->with(['variety', 'standing', 'planting.variety'])->findMany($lots)->sortBy('number')->values()->toBase(), static function (Lot $lot, LotCourse $course) use (&$folded): void {
            $folded[$lot->id] = [$lot, $course];
        });

        return $folded;
    }

    /** Whether there was anything of it, and it was not gone. */
    private static function isThere(LotCourse|PlantingCourse $course, DateTimeImmutable $at): bool
    {
        if ($course instanceof LotCourse) {
            return $course->origin->hasBegun() && ! $course->isUsedUp();
        }
        $sown = $course->growing->sownAt;
        $turn = Speaking::forms()->turn;

        // Of an earlier season only what had given no seed yet, as on the plot.
        return $sown !== null && $course->tending->standing !== 0 && ! $course->tending->isLifted
            && ($turn->season($sown) >= $turn->season($at) || $course->growing->pickedAt === null || $course->growing->pickedAt >= $at->modify('-1 day'));
    }

    private function thing(Lot|Planting $thing, LotCourse|PlantingCourse $then, LotCourse|PlantingCourse $now, When $when, string $next): ThenThingDocument
    {
        [$was, $is] = [self::isThere($then, $when->now), self::isThere($now, $when->now)];
        [$stood, $stands] = [$was ? self::stood($then) : null, $is ? self::stood($now) : 'gone by then'];
        [$believed, $known] = [$was ? self::believed($then, $when) : '', $is ? self::believed($now, $when) : ''];
        $more = array_filter([$stood === $stands ? '' : ucfirst($stands).'.', $believed === $known ? '' : $known, $next]);

        return new ThenThingDocument($this->tag($thing, $was ? $then : $now), $stood, $believed, $was ? $this->due($thing, $then, $when) : [], implode(' ', $more));
    }

    /**
     * What the next test after that day found: what was believed may be held against it.
     *
     * @param  list<string>  $lots  ids
     * @return array<string, string> a sentence by lot
     */
    private function nextTests(array $lots, DateTimeImmutable $end): array
    {
        $said = [];
        foreach (array_chunk($lots, 500) as $some) {
            $tests = DB::table('test_standings')->whereIn('lot_id', $some)->where('started_at', '>=', Moment::keep($end))->whereNotNull('ended_at')->where('sown', '>', 0)->orderBy('started_at')->get(['lot_id', 'started_at', 'sown', 'germinated']);
            foreach ($tests as $test) {
                /** @var object{lot_id: string, started_at: string, sown: int, germinated: int} $test */
                $said[$test->lot_id] ??= sprintf('The next test, of %s, found %s.', When::month(Moment::read($test->started_at)), Quantity::percent($test->germinated / $test->sown));
            }
        }

        return $said;
    }

    /** How true it is, and what it has been named since, was not known then. */
    private function tag(Lot|Planting $thing, LotCourse|PlantingCourse $course): TagDocument
    {
        $tag = $this->tags->of($thing);
        $year = $course instanceof LotCourse ? $course->origin->year() : $tag->year;

        return new TagDocument($tag->subject, $tag->code, $tag->variety, $tag->crop, $tag->latin, $year, '', LineWord::NotKnown->value, $tag->seed);
    }

    private static function stood(LotCourse|PlantingCourse $course): string
    {
        if ($course instanceof LotCourse) {
            $holds = StockWords::of($course);

            return implode(', ', array_filter([Stages::ofCourse($course), $holds]));
        }
        $growing = $course->growing;
        $plants = $course->tending->standing ?? $growing->sown?->plants;

        return implode(', ', array_filter([
            match (true) {
                $growing->pickedAt !== null => 'picked from',
                $growing->lastBloomAt !== null => 'past its bloom',
                $growing->firstBloomAt !== null => 'in bloom',
                default => 'growing',
            },
            $plants === null ? '' : Quantity::number((int) $plants, 'plant'),
            $growing->sownAt === null ? '' : 'sown '.Speaking::forms()->day($growing->sownAt),
        ]));
    }

    private static function believed(LotCourse|PlantingCourse $course, When $when): string
    {
        if ($course instanceof PlantingCourse) {
            return $course->trueness->showsCrossing() ? 'Off-types show that what it was sown from is crossed.' : '';
        }
        $advice = $course->place() === Place::Store ? $course->advice($when->now) : null;
        $forecast = $course->place() === Place::Store ? $course->forecast() : null;

        return implode(' ', array_filter([
            $advice === null ? '' : (new AdviceWords($course))->sentence($advice),
            $forecast === null || $forecast->startAt() > $when->now ? '' : sprintf('By the forecast %s of it were alive.', Quantity::percent($forecast->shareAt($when->now))),
        ]));
    }

    /** @return list<string> what was open on that day */
    private function due(Lot|Planting $thing, Folded $course, When $when): array
    {
        $now = $when->now;
        $open = array_values(array_filter($course->due(), static fn (Task $task): bool => $task->opens <= $now && ($task->lapses === null || $task->lapses > $now)));
        $rows = DueTask::rows($thing instanceof Lot ? Subject::Lot : Subject::Planting, [[$thing, $open]]);
        $tasks = new Collection(array_map(static fn (array $row, int $n): DueTask => (new DueTask)->newFromBuilder(['id' => $n, ...$row]), $rows, array_keys($rows)));

        return array_map(static fn (TaskDocument $task): string => $task->do, $this->tasks->documents($tasks, $when, [$thing->id() => $thing]));
    }
}
