<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\PlaceCountDocument;
use App\Models\DueTask;
use App\Moment;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Work\Place;

/** How many things are in each place, and how many want hands on a day: asked for all at once, as every page shows it. */
final readonly class Counts
{
    /**
     * @param  int  $hands  how many want hands over all
     * @param  list<PlaceCountDocument>  $places
     */
    private function __construct(public int $hands, public array $places) {}

    public static function on(DateTimeImmutable $at, Boards $boards): self
    {
        $due = static fn () => DueTask::standing($at)->where('best_at', '<=', Moment::keep($at->setTime(23, 59, 59)));
        $all = DB::query()->selectSub(DueTask::counted($due()), 'hands');
        foreach (Place::cases() as $place) {
            $all->selectSub($boards->classOf($place)::here($at)->toBase()->selectRaw('count(*)'), "here_$place->value")
                ->selectSub(DueTask::counted($due()->where('place', $place->value), things: true), "hands_$place->value");
        }
        /** @var array<string, int> $counts */
        $counts = (array) $all->first();

        return new self($counts['hands'], array_map(
            static fn (Place $place): PlaceCountDocument => new PlaceCountDocument($place->value, $counts["here_$place->value"], $counts["hands_$place->value"]),
            Place::cases(),
        ));
    }
}
