<?php

declare(strict_types=1);

namespace App\Finding;

use App\Documents\FoundDocument;
use App\Models\Code;
use App\Models\LotStanding;
use App\Models\PlantingStanding;
use App\Presenting\Tags;
use App\Words\Stages;
use Marrow\Core\Journal\Subject;

/** Lots and plantings, by anything: code, variety, Latin or common name, place, person, note, year. */
final readonly class FindsThings implements Finds
{
    private const MOST = 20;

    public function __construct(private Tags $tags) {}

    public function find(Sought $sought): array
    {
        $number = Code::number($sought->text, 'L');
        $lots = LotStanding::query()->with(['lot.variety']);
        $sought->narrow($lots, Subject::Lot);
        // A code finds its lot before everything that merely holds the same figures.
        $lots->orderByRaw('number = ? DESC', [$number ?? 0])->orderBy('used_up')->orderByDesc('number');
        $plantings = PlantingStanding::query()->with(['planting.variety'])
            ->join('plantings', 'plantings.id', '=', 'planting_standings.planting_id')->select('planting_standings.*');
        $sought->narrow($plantings, Subject::Planting);
        $plantings->orderByRaw('plantings.number = ? DESC', [Code::number($sought->text, 'P') ?? 0])->orderByDesc('plantings.number');

        return array_values([
            ...$lots->limit(self::MOST)->get()->map(fn (LotStanding $row): FoundDocument => FoundDocument::thing(
                $this->tags->lot($row->lot->setRelation('standing', $row)),
                Stages::of($row->place, $row->stage, $row->used_up === 1).($row->place === 'store' && $row->store_place !== null ? ', '.$row->store_place : ''),
            ))->all(),
            ...$plantings->limit(self::MOST)->get()->map(fn (PlantingStanding $row): FoundDocument => FoundDocument::thing(
                $this->tags->planting($row->planting->setRelation('standing', $row)),
                $row->lots > 0 ? 'planting, picked' : 'on the plot',
            ))->all(),
        ]);
    }
}
