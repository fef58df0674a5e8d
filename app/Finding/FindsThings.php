<?php

declare(strict_types=1);

namespace App\Finding;

use App\Documents\FoundDocument;
use App\Models\Code;
use App\Models\LotStanding;
use App\Models\PlantingStanding;
use App\Presenting\Tags;
use App\Reading\Tagged;
use App\Words\Stages;
use Illuminate\Database\Eloquent\Builder;
use Marrow\Core\Journal\Subject;

/** Lots and plantings, by anything: code, variety, Latin or common name, place, person, note, year. */
final readonly class FindsThings implements Finds
{
    private const MOST = 20;

    /** Of the newest that hold a word: who looks for what thousands hold looks on with another word. */
    private const AMONG = 200;

    public function __construct(private Tags $tags) {}

    public function find(Sought $sought): array
    {
        [$lot, $planting] = [Code::number($sought->text, 'L'), Code::number($sought->text, 'P')];
        $lots = LotStanding::query()->select(['lot_id', 'number', 'place', 'stage', 'used_up', 'store_place'])
            ->where(static fn (Builder $row) => $sought->narrow($row, Subject::Lot, self::AMONG))
            ->when($lot !== null, static fn (Builder $row) => $row->orWhere('number', $lot))
            // A code finds its lot before everything that merely holds the same figures.
            ->orderByRaw('number = ? DESC', [$lot ?? 0])->orderBy('used_up')->orderByDesc('number')->limit(self::MOST)->get();
        $plantings = PlantingStanding::query()->join('plantings', 'plantings.id', '=', 'planting_standings.planting_id')->select(['planting_id', 'lots'])
            ->where(static fn (Builder $row) => $sought->narrow($row, Subject::Planting, self::AMONG))
            ->when($planting !== null, static fn (Builder $row) => $row->orWhere('plantings.number', $planting))
            ->orderByRaw('plantings.number = ? DESC', [$planting ?? 0])->orderByDesc('plantings.number')->limit(self::MOST)->get();
        $tagged = [
            ...Tagged::lots(array_map(static fn (LotStanding $row): string => $row->lot_id, $lots->all())),
            ...Tagged::plantings(array_map(static fn (PlantingStanding $row): string => $row->planting_id, $plantings->all())),
        ];

        return [
            ...array_map(fn (LotStanding $row): FoundDocument => FoundDocument::thing(
                $this->tags->of($tagged[$row->lot_id]),
                Stages::of($row->place, $row->stage, $row->used_up === 1).($row->place === 'store' && $row->store_place !== null ? ', '.$row->store_place : ''),
            ), array_values($lots->all())),
            ...array_map(fn (PlantingStanding $row): FoundDocument => FoundDocument::thing(
                $this->tags->of($tagged[$row->planting_id]),
                $row->lots > 0 ? 'planting, picked' : 'on the plot',
            ), array_values($plantings->all())),
        ];
    }
}
