<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Http\Documents\ListItemDocument;
use App\Http\Documents\PlaceDocument;
use App\Http\Documents\TaskDocument;
use App\Models\DueTask;
use App\Models\LotStanding;
use App\Models\PlantingStanding;
use App\Models\TestStanding;
use App\Moment;
use App\Words\LotWords;
use App\Words\Quantity;
use App\Words\When;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Marrow\Core\Statistics\Interval;

/** What is in a place: tags with the one figure that matters there. */
final readonly class PlaceLists
{
    private const PAGE = 60;

    /** An ended test stays on the trays this long, so that its result is not missed. */
    private const ENDED_DAYS = 21;

    public function __construct(private Tags $tags, private Tasks $tasks) {}

    public function plot(When $when, string $find, string $sort, int $page): PlaceDocument
    {
        $query = Plantings::standing($when->now)->with('planting.variety');
        Finder::match($query, $find);
        $query->join('plantings', 'plantings.id', '=', 'planting_standings.planting_id')
            ->join('varieties', 'varieties.id', '=', 'plantings.variety_id')
            ->select('planting_standings.*');
        match ($sort) {
            'name' => $query->orderBy('varieties.name'),
            'code' => $query->orderBy('plantings.number'),
            default => $query->orderBy('planting_standings.lots')->orderBy('sown_at'),
        };

        return $this->page('plot', $query, $page, function (Collection $rows) use ($when): array {
            $due = $this->due($rows->pluck('planting_id')->all(), 'plot', $when);

            return $rows->map(fn (PlantingStanding $row): ListItemDocument => new ListItemDocument(
                $this->tags->planting($row->planting),
                Quantity::number((int) $row->plants, 'plant'),
                $row->lots > 0 ? Quantity::number($row->lots, 'lot').' picked' : 'nothing picked yet',
                $row->planting->spot,
                $due[$row->planting_id] ?? null,
                false,
            ))->all();
        });
    }

    /** @param  'bench'|'racks'|'store'  $place */
    public function lots(string $place, When $when, string $find, string $sort, int $page): PlaceDocument
    {
        $query = LotStanding::query()
            ->where('lot_standings.place', $place)
            ->where('used_up', 0)
            ->with(['lot.variety', 'lot.standing'])
            ->join('lots', 'lots.id', '=', 'lot_standings.lot_id')
            ->join('varieties', 'varieties.id', '=', 'lots.variety_id')
            ->select('lot_standings.*');
        Finder::match($query, $find);
        match (true) {
            $sort === 'name' => $query->orderBy('varieties.name')->orderBy('lots.number'),
            $sort === 'code' => $query->orderBy('lots.number'),
            $place === 'store' => $query->orderByRaw('good_until IS NULL')->orderBy('good_until')->orderBy('lots.number'),
            default => $query->orderBy('last_at')->orderBy('lots.number'),
        };

        return $this->page($place, $query, $page, function (Collection $rows) use ($place, $when): array {
            $due = $this->due($rows->pluck('lot_id')->all(), $place, $when);

            return $rows->map(fn (LotStanding $row): ListItemDocument => $this->lot($row, $place, $when, $due[$row->lot_id] ?? null))->all();
        });
    }

    public function trays(When $when, string $find, string $sort, int $page): PlaceDocument
    {
        $query = TestStanding::query()
            ->where(static fn (Builder $q) => $q->whereNull('ended_at')->orWhere('ended_at', '>=', Moment::keep($when->now->modify(sprintf('-%d days', self::ENDED_DAYS)))))
            ->with(['lot.variety', 'lot.standing'])
            ->join('lots', 'lots.id', '=', 'test_standings.lot_id')
            ->join('lot_standings', 'lot_standings.lot_id', '=', 'lots.id')
            ->join('varieties', 'varieties.id', '=', 'lots.variety_id')
            ->select('test_standings.*');
        Finder::match($query, $find);
        match ($sort) {
            'name' => $query->orderBy('varieties.name'),
            'code' => $query->orderBy('lots.number'),
            default => $query->orderByRaw('ended_at IS NOT NULL')->orderBy('started_at'),
        };

        return $this->page('trays', $query, $page, function (Collection $rows) use ($when): array {
            $due = $this->due($rows->pluck('lot_id')->all(), 'trays', $when);

            return $rows->map(fn (TestStanding $row): ListItemDocument => new ListItemDocument(
                $this->tags->lot($row->lot),
                $row->last_day === null ? 'day '.self::dayOf($row, $when) : Quantity::percent($row->germinated / $row->sown),
                $row->last_day === null ? 'not counted yet' : ($row->ended_at === null ? 'up so far' : 'germinated'),
                sprintf('%d of %d seeds%s', $row->germinated, $row->sown, $row->ended_at === null ? ', day '.self::dayOf($row, $when) : ', ended'),
                $row->ended_at === null ? $due[$row->lot_id] ?? null : null,
                $row->verdict === 'poor',
            ))->all();
        });
    }

    private function lot(LotStanding $row, string $place, When $when, ?TaskDocument $task): ListItemDocument
    {
        [$figure, $label] = match ($place) {
            'store' => $this->storeFigure($row, $when),
            'racks' => [
                $row->moisture === null ? ($row->grams === null ? '–' : Quantity::grams($row->grams)) : Quantity::moisture($row->moisture),
                $row->moisture === null ? ($row->grams === null ? 'not weighed' : 'last weighed') : 'moisture',
            ],
            default => [
                $row->last_at === null ? '–' : $when->away(Moment::read($row->last_at)),
                Stages::of($row->place, $row->stage, false),
            ],
        };

        return new ListItemDocument(
            $this->tags->lot($row->lot),
            $figure,
            $label,
            match ($place) {
                'store' => implode(', ', array_filter([$row->store_place, $row->seeds === null ? null : Quantity::roughSeeds($row->seeds)])),
                'racks' => Stages::of($row->place, $row->stage, false),
                default => $row->grams === null ? '' : Quantity::grams($row->grams),
            },
            $task,
            $place === 'store' && $row->good_until !== null && Moment::read($row->good_until) < $when->now->modify('+1 year'),
        );
    }

    /** @return array{string, string} */
    private function storeFigure(LotStanding $row, When $when): array
    {
        $tested = $row->rate === null || $row->rate_low === null || $row->rate_high === null
            ? 'not tested'
            : Quantity::percent($row->rate).', '.Quantity::likely(new Interval($row->rate_low, $row->rate_high));
        if ($row->good_until === null) {
            return ['no forecast', $tested];
        }
        $until = Moment::read($row->good_until);

        return [$until <= $when->now ? 'past its time' : LotWords::until($until, $when), $tested];
    }

    private static function dayOf(TestStanding $row, When $when): int
    {
        return -$when->daysTo(Moment::read($row->started_at));
    }

    /**
     * The next task of each thing in a place.
     *
     * @param  array<array-key, mixed>  $ids
     * @return array<string, TaskDocument>
     */
    private function due(array $ids, string $place, When $when): array
    {
        $tasks = DueTask::query()
            ->where('place', $place)
            ->whereIn('subject_id', $ids)
            ->where('best_at', '<=', Moment::keep($when->now->modify('+60 days')))
            ->orderByDesc('loses_seed')
            ->orderBy('best_at')
            ->get()
            ->unique('subject_id')
            ->values();
        $due = [];
        foreach ($this->tasks->documents($tasks, $when) as $i => $document) {
            $due[$tasks[$i]->subject_id ?? ''] = $document;
        }

        return $due;
    }

    /**
     * @template T of Model
     *
     * @param  Builder<T>  $query
     * @param  \Closure(Collection<int, T>): array<int, ListItemDocument>  $items
     */
    private function page(string $place, Builder $query, int $page, \Closure $items): PlaceDocument
    {
        $total = $query->toBase()->getCountForPagination();
        $rows = $query->forPage($page, self::PAGE)->get();

        return new PlaceDocument($place, array_values($items($rows)), $total, $page, max(1, (int) ceil($total / self::PAGE)));
    }
}
