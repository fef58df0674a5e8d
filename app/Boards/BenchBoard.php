<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\BarDocument;
use App\Documents\ScaleDocument;
use App\Models\DueTask;
use App\Models\LotStanding;
use App\Moment;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\Stages;
use Marrow\Core\Work\Place;

final class BenchBoard extends LotBoard
{
    public static function place(): Place
    {
        return Place::Bench;
    }

    protected function figure(LotStanding $row, When $when): array
    {
        return [$row->last_at === null ? '–' : $when->away(Moment::read($row->last_at)), Stages::of($row->place, $row->stage, false)];
    }

    /** Since the hand was last at it, until it wants the next; light as long as that can wait. */
    protected function bar(LotStanding $row, ?DueTask $task, When $when): ?BarDocument
    {
        if ($row->last_at === null || $task === null) {
            return null;
        }
        $best = Moment::read($task->best_at);
        $latest = Moment::readOrNull($task->latest_at) ?? $best;

        return new BarDocument(
            round(Scale::days($when->now, Moment::read($row->last_at)), 3),
            round(Scale::days($when->now, $best), 3),
            round(Scale::days($when->now, max($best, $latest)), 3),
            sprintf('Last touched %s, wanted %s%s.', $when->day(Moment::read($row->last_at)), $when->day($best), $latest > $best ? ', at the latest '.$when->day($latest) : ''),
        );
    }

    protected function axis(array $items, When $when): ScaleDocument
    {
        return Scale::around('What stands, and until when', 'full: until it wants a hand; hatched: as long as that can wait', $when->now, 4, 5);
    }

    protected function detail(LotStanding $row): string
    {
        // Seed from elsewhere comes counted; the mass of so many would be the ordinary one only.
        return $this->seeds($row) ?? ($row->grams === null ? '' : Quantity::grams($row->grams));
    }
}
