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
        $tonight = Moment::keep($at->setTime(23, 59, 59));

        return array_map(static fn (Board $board): PlaceCountDocument => new PlaceCountDocument(
            $board->place()->value,
            $board->count($at),
            // "first = 1" as it stands in the condition of the index, or the index would not be taken.
            DueTask::number(DueTask::standing($at)->whereRaw('first = 1')->where('place', $board->place()->value)->where('best_at', '<=', $tonight)),
        ), $this->boards->all());
    }

    public function handsToday(DateTimeImmutable $at): int
    {
        return DueTask::number(DueTask::standing($at)->where('best_at', '<=', Moment::keep($at->setTime(23, 59, 59))));
    }
}
