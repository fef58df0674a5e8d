<?php

declare(strict_types=1);

namespace App\Steps\Cellar;

use App\Documents\FactDocument;
use App\Sheet\SheetSection;
use App\Voice\Quantity;
use App\Voice\When;
use Marrow\Core\Lot\LotCourse;

final class CellarSection implements SheetSection
{
    public function of(LotCourse $lot, When $when): array
    {
        $cellar = $lot->cellar;
        $last = $cellar->last();
        if ($last === null) {
            return [];
        }
        $facts = [];
        $left = $last->left();
        if ($cellar->began !== null && $left !== null) {
            $facts[] = new FactDocument('Kept so far', sprintf('%d of %d', $left, $cellar->began).($cellar->rotted() === 0 ? '' : sprintf(', %d rotted', $cellar->rotted())));
        } elseif ($cellar->rotted() > 0) {
            $facts[] = new FactDocument('Rotted so far', Quantity::number($cellar->rotted(), 'piece'));
        }
        foreach (array_reverse($cellar->looks) as ['at' => $at, 'look' => $look]) {
            $facts[] = new FactDocument($when->date($at), implode(', ', array_filter([
                $look->sound === null ? '' : "$look->sound sound",
                ($look->shrunken ?? 0) === 0 ? '' : "$look->shrunken shrunken",
                ($look->sprouted ?? 0) === 0 ? '' : "$look->sprouted sprouted",
                $look->rotted() === 0 ? '' : "$look->rotten rotten, thrown out",
            ])));
        }
        if ($last->sound > 0) {
            $facts[] = new FactDocument('To plant', 'the soundest and largest of them: so the line is chosen by how it keeps');
        }

        return [new CellarDocument('How it keeps', $facts)];
    }
}
