<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\PlaceCountDocument;
use App\Models\DueTask;
use App\Moment;
use DateTimeImmutable;

/** How many things are in each place, and how many want hands on a day. */
final readonly class Counts
{
    public function __construct(private Boards $boards) {}

    /** @return list<PlaceCountDocument> */
    public function places(DateTimeImmutable $at): array
    {
        $hands = DueTask::standing($at)->toBase()
            // As it stands in the condition of the index, or the index would not be taken.
            ->whereRaw('first = 1')
            ->where('best_at', '<=', Moment::keep($at->setTime(23, 59, 59)))
            ->groupBy('place')
            ->selectRaw('place, count(*) as hands')
            ->pluck('hands', 'place');

        return array_map(static function (Board $board) use ($at, $hands): PlaceCountDocument {
            $wanted = $hands->get($board->place()->value);

            return new PlaceCountDocument($board->place()->value, $board->count($at), is_numeric($wanted) ? (int) $wanted : 0);
        }, $this->boards->all());
    }

    public function handsToday(DateTimeImmutable $at): int
    {
        return DueTask::standing($at)->where('best_at', '<=', Moment::keep($at->setTime(23, 59, 59)))->count();
    }
}
