<?php

declare(strict_types=1);

namespace App\Boards;

use App\Models\LotStanding;
use App\Moment;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\Stages;
use Marrow\Core\Work\Place;

final class BenchBoard extends LotBoard
{
    public function place(): Place
    {
        return Place::Bench;
    }

    protected function figure(LotStanding $row, When $when): array
    {
        return [$row->last_at === null ? '–' : $when->away(Moment::read($row->last_at)), Stages::of($row->place, $row->stage, false)];
    }

    protected function detail(LotStanding $row): string
    {
        // Seed from elsewhere comes counted; the mass of so many would be the ordinary one only.
        return $this->seeds($row) ?? ($row->grams === null ? '' : Quantity::grams($row->grams));
    }
}
