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
use Marrow\Core\Work\Place;

/** Lots and plantings, by anything: code, variety, Latin or common name, place, person, note, year. */
final readonly class FindsThings implements Finds
{
    private const MOST = 20;

    public function __construct(private Tags $tags) {}

    public function find(Sought $sought): array
    {
        [$lots, $plantings] = [$this->lots($sought), $this->plantings($sought)];
        $tagged = [
            ...Tagged::lots(array_map(static fn (LotStanding $row): string => $row->lot_id, $lots)),
            ...Tagged::plantings(array_map(static fn (PlantingStanding $row): string => $row->planting_id, $plantings)),
        ];

        return [
            ...array_map(fn (LotStanding $row): FoundDocument => FoundDocument::thing(
                $this->tags->of($tagged[$row->lot_id]),
                Stages::of($row->place, $row->stage, $row->used_up === 1).($row->place === 'store' && $row->store_place !== null ? ', '.$row->store_place : ''),
            ), array_values($lots)),
            ...array_map(fn (PlantingStanding $row): FoundDocument => FoundDocument::thing(
                $this->tags->of($tagged[$row->planting_id]),
                $row->lots > 0 ? 'planting, picked' : 'on the plot',
            ), array_values($plantings)),
        ];
    }

    /** @return list<LotStanding> the one of the code that was typed, then those of which there is still seed, then the others; the newest first */
    private function lots(Sought $sought): array
    {
        $rows = static fn (): Builder => LotStanding::query()->select(['lot_id', 'number', 'place', 'stage', 'used_up', 'store_place']);
        $number = Code::number($sought->text, 'L');
        $found = $number === null ? [] : $rows()->where('number', $number)->get()->keyBy('lot_id')->all();
        // By the index, each by itself: no more is read than is shown. Without it all must be read, and are ordered.
        // One that was taken back is found by its code alone.
        foreach ($sought->isIndexed() ? [$rows()->where('used_up', 0), $rows()->where('used_up', 1)] : [$rows()->orderBy('used_up')] as $pass) {
            $sought->narrow($pass->where('place', '!=', Place::Plot->value), Subject::Lot);
            $found += count($found) < self::MOST ? $pass->orderByDesc('number')->limit(self::MOST)->get()->keyBy('lot_id')->all() : [];
        }

        return array_slice(array_values($found), 0, self::MOST);
    }

    /** @return list<PlantingStanding> the one of the code that was typed, then the newest */
    private function plantings(Sought $sought): array
    {
        $query = PlantingStanding::query()->join('plantings', 'plantings.id', '=', 'planting_standings.planting_id')->select(['planting_id', 'lots']);
        $sought->narrow($query, Subject::Planting);

        return array_values($query->orderByRaw('plantings.number = ? DESC', [Code::number($sought->text, 'P') ?? 0])->orderByDesc('plantings.number')->limit(self::MOST)->get()->all());
    }
}
