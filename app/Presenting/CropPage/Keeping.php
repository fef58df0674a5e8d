<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\FactDocument;
use App\Documents\HandbookSectionDocument;
use App\Voice\Quantity;
use App\Words\HandbookWords;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\SeedUnit;

final class Keeping implements PageSection
{
    public function of(Crop $crop): HandbookSectionDocument
    {
        $unit = $crop->unit === SeedUnit::Seed ? 'seed' : $crop->unit->value;

        return new HandbookSectionDocument('keeping', $crop->isKeptAlive() ? 'How much of it there is' : 'Keeping', $crop->isKeptAlive() ? [] : (new HandbookWords($crop))->keeping(), array_values(array_filter([
            $crop->isKeptAlive()
                ? new FactDocument("One $unit weighs", HandbookWords::range($crop->tsmLow / 1000, $crop->tsmHigh / 1000)."\u{00A0}g")
                : new FactDocument("1\u{00A0}000 {$unit}s weigh", HandbookWords::range($crop->tsmLow, $crop->tsmHigh)."\u{00A0}g"),
            new FactDocument('A plant gives', HandbookWords::range($crop->perPlantLow, $crop->perPlantHigh)." {$unit}s"),
            $crop->germs === null ? null : new FactDocument("Seedlings of one $unit", HandbookWords::range(...$crop->germs)),
            $crop->oil === 0.0 || $crop->isKeptAlive() ? null : new FactDocument('Oil', Quantity::percent($crop->oil).' of dry mass'),
        ])));
    }
}
