<?php

declare(strict_types=1);

namespace App\Boards;

use App\Models\LotStanding;
use App\Moment;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\LotWords;
use Illuminate\Database\Eloquent\Builder;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Statistics\Interval;
use Marrow\Core\Work\Place;

final class StoreBoard extends LotBoard
{
    public function place(): Place
    {
        return Place::Store;
    }

    protected function inOrder(Builder $query): void
    {
        $query->orderByRaw('good_until IS NULL')->orderBy('good_until');
    }

    protected function figure(LotStanding $row, When $when): array
    {
        $tested = $row->rate === null || $row->rate_low === null || $row->rate_high === null
            ? 'not tested'
            : Quantity::percent($row->rate).', '.Quantity::likely(new Interval($row->rate_low, $row->rate_high));
        if ($row->good_until === null) {
            return ['no forecast', $tested];
        }
        $until = Moment::read($row->good_until);

        $isPoor = $row->rate !== null && GerminationShare::isBelow($row->rate, $this->crop($row)->test->minimum);

        return [LotWords::inShort($isPoor, $until, $when), $tested];
    }

    protected function detail(LotStanding $row): string
    {
        return implode(', ', array_filter([$row->store_place, $this->seeds($row)]));
    }

    protected function isAtRisk(LotStanding $row, When $when): bool
    {
        return $row->good_until !== null && Moment::read($row->good_until) < $when->now->modify('+1 year');
    }
}
