<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\ListItemDocument;
use App\Documents\PlaceDocument;
use App\Documents\TaskDocument;
use App\Finding\Sought;
use App\Models\Planting;
use App\Models\PlantingStanding;
use App\Presenting\Plantings;
use App\Presenting\Tags;
use App\Voice\Quantity;
use App\Voice\When;
use DateTimeImmutable;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Work\Place;

final readonly class PlotBoard implements Board
{
    public function __construct(private Tags $tags, private Pages $pages) {}

    public function place(): Place
    {
        return Place::Plot;
    }

    public function count(DateTimeImmutable $at): int
    {
        return Plantings::standing($at)->count();
    }

    public function page(Narrowing $narrowing, When $when): PlaceDocument
    {
        $query = Plantings::standing($when->now)->with(['planting.variety']);
        Sought::of($narrowing->find)->narrow($query, Subject::Planting);
        $query->join('plantings', 'plantings.id', '=', 'planting_standings.planting_id')
            ->join('varieties', 'varieties.id', '=', 'plantings.variety_id')
            ->select('planting_standings.*');
        match ($narrowing->sort) {
            'name' => $query->orderBy('varieties.name')->orderBy('plantings.number'),
            'code' => $query->orderBy('plantings.number'),
            default => $query->orderBy('planting_standings.lots')->orderBy('sown_at')->orderBy('plantings.number'),
        };

        return $this->pages->page(
            Place::Plot,
            $query,
            $narrowing->page,
            $when,
            static fn (PlantingStanding $row): Planting => $row->planting->setRelation('standing', $row),
            fn (PlantingStanding $row, ?TaskDocument $task): ListItemDocument => new ListItemDocument(
                $this->tags->planting($row->planting),
                Quantity::number((int) $row->plants, 'plant'),
                $row->lots > 0 ? Quantity::number($row->lots, 'lot').' picked' : 'nothing picked yet',
                $row->planting->spot,
                $task,
                false,
            ),
        );
    }
}
