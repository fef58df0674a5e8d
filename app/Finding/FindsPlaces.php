<?php

declare(strict_types=1);

namespace App\Finding;

use App\Documents\FoundDocument;
use App\Models\LotStanding;
use App\Models\Place;
use App\Voice\Quantity;

/** Places where seed is kept, with what lies there. */
final readonly class FindsPlaces implements Finds
{
    private const MOST = 5;

    public function find(Sought $sought): array
    {
        $places = Place::query()->orderBy('name')->get()->filter(static fn (Place $place): bool => $sought->isIn($place->name))->take(self::MOST);
        if ($places->isEmpty()) {
            return [];
        }
        $lots = LotStanding::query()->toBase()->whereIn('place_id', $places->modelKeys())->where('used_up', 0)
            ->groupBy('place_id')->selectRaw('place_id, count(*) AS n')->pluck('n', 'place_id');

        return array_values($places->map(static function (Place $place) use ($lots): FoundDocument {
            $n = $lots->get($place->id);

            return FoundDocument::page('place', $place->name, $place->name, 'place, '.Quantity::number(is_numeric($n) ? (int) $n : 0, 'lot').' there');
        })->all());
    }
}
