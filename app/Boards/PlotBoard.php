<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\ListItemDocument;
use App\Documents\PlaceDocument;
use App\Documents\ScaleDocument;
use App\Documents\TableDocument;
use App\Documents\TaskDocument;
use App\Finding\Sought;
use App\Models\Planting;
use App\Models\PlantingStanding;
use App\Presenting\Plantings;
use App\Presenting\Tags;
use App\Reading\Facts;
use App\Voice\Quantity;
use App\Voice\When;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Marrow\Core\Work\Place;

final readonly class PlotBoard implements Board
{
    public function __construct(private Tags $tags, private Pages $pages, private Facts $facts, private SeasonLines $seasons) {}

    public static function place(): Place
    {
        return Place::Plot;
    }

    public static function here(DateTimeImmutable $at): Builder
    {
        return Plantings::standing($at);
    }

    public function page(Narrowing $narrowing, When $when): PlaceDocument
    {
        $rows = self::rows($narrowing, $when);
        // Their seasons are drawn where each is a line; a list of tags has no use for them.
        $lines = $narrowing->size === Narrowing::LINES ? $this->seasons->of($rows->clone()->with('planting.variety')->forPage($narrowing->page, $narrowing->size)->get()->map(static fn (PlantingStanding $row): Planting => $row->planting), $when) : [];

        return $this->pages->page(
            Place::Plot,
            $rows,
            $narrowing,
            $when,
            fn (PlantingStanding $row, ?TaskDocument $task): ListItemDocument => $this->item($row, $task, $lines[$row->planting_id] ?? null),
            static fn (array $items): ?ScaleDocument => $lines === [] ? null : SeasonLines::axis($when),
        );
    }

    private function item(PlantingStanding $row, ?TaskDocument $task, ?SeasonLine $line): ListItemDocument
    {
        $plants = Quantity::number((int) $row->plants, 'plant');
        $picked = $row->lots > 0 ? Quantity::number($row->lots, 'lot').' picked' : 'nothing picked yet';

        return $line === null
            ? new ListItemDocument($this->tags->of($row->planting), $plants, $picked, $row->planting->spot, $task, false)
            : new ListItemDocument($this->tags->of($row->planting), $line->figure, $line->warning() === '' ? $plants : $line->warning(), $line->warning() === '' ? $row->planting->spot : '', $line->warning() === '' ? $task : null, $line->crosses !== [], $line->bar);
    }

    public function table(Narrowing $narrowing, When $when): TableDocument
    {
        return new TableDocument(
            'Plot',
            ['Code', 'Crop', 'Variety', 'Sown on', 'Plants', 'Where', 'Lots picked', 'Looked over', 'Off-types'],
            array_values(self::rows($narrowing, $when)->with('planting.variety')->get()->map(fn (PlantingStanding $row): array => [
                $row->planting->code(), $this->facts->title($row->planting->variety)->name, $row->planting->variety->name, substr((string) $row->sown_at, 0, 10),
                (string) $row->plants, $row->planting->spot, (string) $row->lots, (string) $row->looked_over, (string) $row->off_types,
            ])->all()),
        );
    }

    /** @return Builder<PlantingStanding> */
    private static function rows(Narrowing $narrowing, When $when): Builder
    {
        $query = Plantings::standing($when->now);
        Sought::of($narrowing->find)->narrow($query, PlantingStanding::WORDS);
        $query->join('plantings', 'plantings.id', '=', 'planting_standings.planting_id')
            ->join('varieties', 'varieties.id', '=', 'plantings.variety_id')
            ->select('planting_standings.*');

        return match ($narrowing->sort) {
            'name' => $query->orderBy('varieties.name')->orderBy('plantings.number'),
            'code' => $query->orderBy('plantings.number'),
            default => $query->orderBy('planting_standings.lots')->orderBy('sown_at')->orderBy('plantings.number'),
        };
    }
}
