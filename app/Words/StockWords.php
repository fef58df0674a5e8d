<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use Marrow\Core\Lot\LotCourse;

/** How much there is. */
final readonly class StockWords
{
    /** "about 1 200 seeds, 4.1 g"; null where nobody counted or weighed. */
    public static function of(LotCourse $lot): ?string
    {
        $stock = $lot->stock->stock;
        $seeds = $stock->seeds();
        $grams = $stock->grams();
        if ($seeds === null || $grams === null) {
            return null;
        }
        $unit = $lot->facts->crop->counts()->value;
        $count = $stock->isCounted() ? Quantity::seeds($seeds, $unit) : Quantity::roughSeeds($seeds, $unit);

        return $count.', '.($stock->tsmIsOfThisLot() || ! $stock->isCounted() ? '' : 'about ').Quantity::grams($grams);
    }
}
