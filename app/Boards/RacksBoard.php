<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\BarDocument;
use App\Documents\ScaleDocument;
use App\Documents\TickDocument;
use App\Models\DueTask;
use App\Models\LotStanding;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\Stages;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Work\Place;

final class RacksBoard extends LotBoard
{
    /** Per cent of wet mass at which the scale begins. */
    private const WETTEST = 30.0;

    public static function place(): Place
    {
        return Place::Racks;
    }

    protected function figure(LotStanding $row, When $when): array
    {
        return match (true) {
            $row->moisture !== null => [Quantity::moisture($row->moisture), 'moisture'],
            $row->grams !== null => [Quantity::grams($row->grams), 'last weighed'],
            $row->stage === DryingVerdict::ByHand->value => ['–', 'tried by hand'],
            default => ['–', 'not weighed'],
        };
    }

    /** How far it has dried, and how far it is still to dry. */
    protected function bar(LotStanding $row, ?DueTask $task, When $when): ?BarDocument
    {
        $target = $this->crop($row)->jarMoisture;
        if ($row->moisture === null || $target === null) {
            return null;
        }

        return new BarDocument(
            0.0,
            round(max(0.0, self::WETTEST - $row->moisture), 2),
            round(max(self::WETTEST - $target, self::WETTEST - $row->moisture), 2),
            $row->moisture <= $target ? sprintf('Dry: %s, of at most %s.', Quantity::moisture($row->moisture), Quantity::moisture($target)) : sprintf('At %s, to be %s.', Quantity::moisture($row->moisture), Quantity::moisture($target)),
        );
    }

    protected function axis(array $items, When $when): ScaleDocument
    {
        return new ScaleDocument('The way to dry', 'moisture; full: as dry as it is; hatched: as dry as it must be', 0.0, self::WETTEST, array_map(static fn (int $moisture): TickDocument => new TickDocument(self::WETTEST - $moisture, Quantity::percent($moisture / 100)), [30, 25, 20, 15, 10, 5, 0]), null);
    }

    protected function detail(LotStanding $row): string
    {
        return Stages::of($row->place, $row->stage, false);
    }
}
