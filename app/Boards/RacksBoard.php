<?php

declare(strict_types=1);

namespace App\Boards;

use App\Models\LotStanding;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\Stages;
use Marrow\Core\Work\Place;

final class RacksBoard extends LotBoard
{
    public function place(): Place
    {
        return Place::Racks;
    }

    protected function figure(LotStanding $row, When $when): array
    {
        return match (true) {
            $row->moisture !== null => [Quantity::moisture($row->moisture), 'moisture'],
            $row->grams !== null => [Quantity::grams($row->grams), 'last weighed'],
            default => ['–', 'not weighed'],
        };
    }

    protected function detail(LotStanding $row): string
    {
        return Stages::of($row->place, $row->stage, false);
    }
}
