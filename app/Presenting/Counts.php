<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Http\Documents\PlaceCountDocument;
use App\Moment;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;

/** How many things are in each place, and how many want hands on a day. */
final class Counts
{
    /** @return list<PlaceCountDocument> */
    public function places(DateTimeImmutable $at): array
    {
        $lots = DB::table('lot_standings')->where('used_up', 0)->groupBy('place')->selectRaw('place, count(*) as here')->pluck('here', 'place');
        $hands = DB::table('tasks')
            ->where('best_at', '<=', Moment::keep($at->setTime(23, 59, 59)))
            ->groupBy('place')
            ->selectRaw('place, count(distinct subject_id) as hands')
            ->pluck('hands', 'place');
        $here = [
            'plot' => Plantings::standing($at)->count(),
            'trays' => DB::table('test_standings')->whereNull('ended_at')->count(),
        ];
        $count = static fn (mixed $value): int => is_numeric($value) ? (int) $value : 0;

        return array_map(
            static fn (string $place): PlaceCountDocument => new PlaceCountDocument($place, $here[$place] ?? $count($lots->get($place)), $count($hands->get($place))),
            ['plot', 'bench', 'racks', 'trays', 'store'],
        );
    }

    public function handsToday(DateTimeImmutable $at): int
    {
        return DB::table('tasks')->where('best_at', '<=', Moment::keep($at->setTime(23, 59, 59)))->count();
    }
}
