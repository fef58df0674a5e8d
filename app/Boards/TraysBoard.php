<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\ListItemDocument;
use App\Documents\PlaceDocument;
use App\Documents\TaskDocument;
use App\Finding\Sought;
use App\Models\Lot;
use App\Models\TestStanding;
use App\Moment;
use App\Presenting\Tags;
use App\Voice\Quantity;
use App\Voice\When;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Work\Place;

final readonly class TraysBoard implements Board
{
    /** An ended test stays on the trays this long, so that its result is not missed. */
    private const ENDED_DAYS = 21;

    public function __construct(private Tags $tags, private Pages $pages) {}

    public function place(): Place
    {
        return Place::Trays;
    }

    public function count(DateTimeImmutable $at): int
    {
        return TestStanding::query()->whereNull('ended_at')->count();
    }

    public function page(Narrowing $narrowing, When $when): PlaceDocument
    {
        $query = TestStanding::query()
            ->where(static fn (Builder $q) => $q->whereNull('ended_at')->orWhere('ended_at', '>=', Moment::keep($when->now->modify(sprintf('-%d days', self::ENDED_DAYS)))))
            ->with(['lot.variety', 'lot.standing'])
            ->join('lots', 'lots.id', '=', 'test_standings.lot_id')
            ->join('lot_standings', 'lot_standings.lot_id', '=', 'lots.id')
            ->join('varieties', 'varieties.id', '=', 'lots.variety_id')
            ->select('test_standings.*');
        Sought::of($narrowing->find)->narrow($query, Subject::Lot);
        match ($narrowing->sort) {
            'name' => $query->orderBy('varieties.name'),
            'code' => null,
            default => $query->orderByRaw('ended_at IS NOT NULL')->orderBy('started_at'),
        };
        $query->orderBy('lots.number');

        return $this->pages->page(
            Place::Trays,
            $query,
            $narrowing->page,
            $when,
            static fn (TestStanding $row): Lot => $row->lot,
            fn (TestStanding $row, ?TaskDocument $task): ListItemDocument => $this->item($row, $task, $when),
        );
    }

    private function item(TestStanding $row, ?TaskDocument $task, When $when): ListItemDocument
    {
        $day = -$when->daysTo(Moment::read($row->started_at));

        return new ListItemDocument(
            $this->tags->lot($row->lot),
            $row->last_day === null ? "day $day" : Quantity::percent($row->germinated / $row->sown),
            $row->last_day === null ? 'not counted yet' : ($row->ended_at === null ? 'up so far' : 'germinated'),
            sprintf('%d of %d seeds%s', $row->germinated, $row->sown, $row->ended_at === null ? ", day $day" : ', ended'),
            $row->ended_at === null ? $task : null,
            $row->verdict === 'poor',
        );
    }
}
