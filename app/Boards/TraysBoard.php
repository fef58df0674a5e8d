<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\BarDocument;
use App\Documents\ListItemDocument;
use App\Documents\PlaceDocument;
use App\Documents\ScaleDocument;
use App\Documents\TableDocument;
use App\Documents\TaskDocument;
use App\Finding\Sought;
use App\Models\DueTask;
use App\Models\LotStanding;
use App\Models\TestStanding;
use App\Moment;
use App\Presenting\Tags;
use App\Reading\Facts;
use App\Voice\Quantity;
use App\Voice\When;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Marrow\Core\Work\Place;

final readonly class TraysBoard implements Board
{
    /** An ended test stays on the trays this long, so that its result is not missed. */
    private const ENDED_DAYS = 21;

    public function __construct(private Tags $tags, private Pages $pages, private Facts $facts) {}

    public static function place(): Place
    {
        return Place::Trays;
    }

    public static function here(DateTimeImmutable $at): Builder
    {
        return TestStanding::query()->where(static fn (Builder $test) => self::standing($test, $at));
    }

    public function page(Narrowing $narrowing, When $when): PlaceDocument
    {
        return $this->pages->page(
            Place::Trays,
            $this->rows($narrowing, $when),
            $narrowing,
            $when,
            fn (TestStanding $row, ?TaskDocument $task, ?DueTask $due): ListItemDocument => $this->item($row, $task, $due, $when),
            static fn (): ScaleDocument => Scale::around('Which is counted when', 'full: until the next count; hatched: until the last', $when->now, 14, 16),
        );
    }

    public function table(Narrowing $narrowing, When $when): TableDocument
    {
        $day = static fn (?string $at): string => substr((string) $at, 0, 10);

        return new TableDocument(
            'Trays',
            ['Code', 'Crop', 'Variety', 'Test began', 'Test ended', 'Seeds in the test', 'Germinated', 'Not decided', 'Last counted on day'],
            array_values($this->rows($narrowing, $when)->with('lot.variety')->get()->map(fn (TestStanding $row): array => [
                $row->lot->code(), $this->facts->title($row->lot->variety)->name, $row->lot->variety->name, $day($row->started_at), $day($row->ended_at),
                (string) $row->sown, (string) $row->germinated, (string) $row->undecided, (string) $row->last_day,
            ])->all()),
        );
    }

    /**
     * Those that run, and those whose result is still to be seen: as many as the number beside the place's name.
     *
     * @param  Builder<TestStanding>  $test
     * @return Builder<TestStanding>
     */
    private static function standing(Builder $test, DateTimeImmutable $at): Builder
    {
        return $test->whereNull('ended_at')->orWhere('ended_at', '>=', Moment::keep($at->modify(sprintf('-%d days', self::ENDED_DAYS))));
    }

    /** @return Builder<TestStanding> */
    private function rows(Narrowing $narrowing, When $when): Builder
    {
        $query = TestStanding::query()
            ->where(static fn (Builder $test) => self::standing($test, $when->now))
            ->select('test_standings.*');
        $sought = Sought::of($narrowing->find);
        // Only where it is asked for: the tests of many years are counted without their lots.
        if ($narrowing->sort === 'name' || ! $sought->isNothing()) {
            $query->join('lot_standings', 'lot_standings.lot_id', '=', 'test_standings.lot_id');
            $sought->narrow($query, LotStanding::WORDS);
        }
        $narrowing->toCrop($query, 'test_standings.lot_id');

        return match ($narrowing->sort) {
            'name' => $query->orderBy('lot_standings.variety')->orderBy('test_standings.number'),
            'code' => $query->orderBy('test_standings.number'),
            default => $query->orderByRaw('ended_at IS NOT NULL')->orderBy('started_at')->orderBy('test_standings.number'),
        };
    }

    /** From its beginning to the day on which it is counted next, and to the last of its days. */
    private function bar(TestStanding $row, ?DueTask $due, When $when): BarDocument
    {
        $from = Moment::read($row->started_at);
        $last = Moment::read($row->began())->modify(sprintf('+%d days', $this->facts->title($row->lot->variety)->lastCount));
        $ended = Moment::readOrNull($row->ended_at);
        $next = $ended ?? ($due === null ? null : Moment::read($due->best_at)) ?? $last;

        return new BarDocument(
            round(Scale::days($when->now, $from), 3),
            round(Scale::days($when->now, $next), 3),
            round(Scale::days($when->now, $ended ?? max($next, $last)), 3),
            $ended !== null ? sprintf('Ended %s.', $when->day($ended)) : sprintf('Begun %s, next %s, to go on until %s.', $when->day($from), $when->day($next), $when->day(max($next, $last))),
        );
    }

    private function item(TestStanding $row, ?TaskDocument $task, ?DueTask $due, When $when): ListItemDocument
    {
        $day = -$when->daysTo(Moment::read($row->began()));

        return new ListItemDocument(
            $this->tags->of($row->lot),
            $row->last_day === null ? ($day < 0 ? 'in the cold' : "day $day") : Quantity::percent($row->germinated / $row->sown),
            $row->last_day === null ? 'not counted yet' : ($row->ended_at === null ? 'up so far' : 'germinated'),
            sprintf('%s%d of %d seeds%s', $row->part === '' ? '' : "$row->part, ", $row->germinated, $row->sown, $row->ended_at === null ? ($day < 0 ? '' : ", day $day") : ', ended'),
            $row->ended_at === null ? $task : null,
            $row->verdict === 'poor',
            $this->bar($row, $due, $when),
        );
    }
}
