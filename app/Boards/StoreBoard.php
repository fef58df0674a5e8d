<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\BarDocument;
use App\Documents\ListItemDocument;
use App\Documents\ScaleDocument;
use App\Models\DueTask;
use App\Models\LotStanding;
use App\Moment;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\ForecastWords;
use App\Words\HandbookWords;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Statistics\Interval;
use Marrow\Core\Work\Place;

final class StoreBoard extends LotBoard
{
    /** Share of the lots whose whole line is on the scale. */
    private const MOST = 0.85;

    public static function place(): Place
    {
        return Place::Store;
    }

    protected function inOrder(Builder $query): void
    {
        $query->orderByRaw('ends_at IS NULL')->orderBy('ends_at');
    }

    protected function figure(LotStanding $row, When $when): array
    {
        $tested = $row->rate === null || $row->rate_low === null || $row->rate_high === null
            ? 'not tested'
            : Quantity::percent($row->rate).', '.Quantity::likely(new Interval($row->rate_low, $row->rate_high));
        if ($row->good_until === null) {
            return [$row->ends_at === null ? 'no forecast' : self::ordinary(Moment::read($row->ends_at), $when), $tested];
        }
        $until = Moment::read($row->good_until);

        $isPoor = $row->rate !== null && GerminationShare::isBelow($row->rate, $this->crop($row)->minimum);

        return [ForecastWords::inShort($isPoor, $until, $when), $tested];
    }

    protected function detail(LotStanding $row): string
    {
        return implode(', ', array_filter([$this->seeds($row), $row->store_place]));
    }

    /** Counted on as far as the near edge, more likely than not as far as the middle. */
    protected function bar(LotStanding $row, ?DueTask $task, When $when): ?BarDocument
    {
        if ($row->good_until === null || $row->likely_until === null) {
            return $this->ordinarily($row, $when);
        }
        [$near, $middle] = [Moment::read($row->good_until), Moment::read($row->likely_until)];

        return new BarDocument(
            0.0,
            round(max(0.0, Scale::days($when->now, $near)), 1),
            round(max(0.0, Scale::days($when->now, $middle)), 1),
            match (true) {
                $middle <= $when->now => 'More likely than not it has fallen below its mark.',
                $near <= $when->now => sprintf('It may have fallen below its mark already; more likely it stays above it %s.', ForecastWords::span($middle, $when)),
                default => sprintf('Counted on %s, more likely than not %s.', ForecastWords::span($near, $when), ForecastWords::span($middle, $when)),
            },
        );
    }

    /** Until when its kind lasts; of this very seed that says little. */
    private static function ordinary(DateTimeImmutable $until, When $when): string
    {
        return $until <= $when->now ? 'older than usual' : 'usually to '.$until->format('Y');
    }

    /** What is known all the same of seed whose past nobody knows: how long its kind ordinarily lasts. */
    private function ordinarily(LotStanding $row, When $when): ?BarDocument
    {
        if ($row->ends_at === null) {
            return null;
        }
        $until = Moment::read($row->ends_at);

        return new BarDocument(0.0, null, round(max(0.0, Scale::days($when->now, $until)), 1), sprintf(
            'Never tested, and nobody knows how it was kept. It ripened in %d, and in a cupboard it ordinarily lasts %s.',
            $row->year,
            HandbookWords::years($this->crop($row)->ordinaryYears),
        ));
    }

    protected function axis(array $items, When $when): ScaleDocument
    {
        $ends = array_map(static fn (ListItemDocument $item): float => $item->bar->to ?? 0.0, $items);
        sort($ends);

        // What lasts for decades is drawn to the end, so that those that do not are told apart.
        return Scale::years('How long it lasts', 'full: can be counted on; hatched: more likely than not', $when->now, $ends === [] ? 0.0 : $ends[(int) floor(self::MOST * (count($ends) - 1))]);
    }

    protected function isAtRisk(LotStanding $row, When $when): bool
    {
        return $row->good_until !== null && Moment::read($row->good_until) < $when->now->modify('+1 year');
    }
}
