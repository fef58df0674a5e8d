<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\FactDocument;
use App\Documents\HandbookSectionDocument;
use App\Voice\Quantity;
use Marrow\Core\Botany\BagSetting;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\FlowerKind;

/** Pollinating by hand, step by step, and whether a bag alone would do. */
final class ByHand implements PageSection
{
    public function of(Crop $crop): ?HandbookSectionDocument
    {
        $hand = $crop->byHand;
        $bag = match ($crop->setsInBag) {
            null => null,
            BagSetting::Alone => 'A bagged flower sets seed by itself.',
            BagSetting::Shaken => 'A bagged flower sets seed when it is shaken.',
            BagSetting::Insects => 'In a bag or a cage it sets only when insects are let in, or by hand.',
            BagSetting::Hand => 'In a bag it sets only by hand.',
            BagSetting::No => 'A bagged plant sets next to nothing: it wants the pollen of another.',
        };
        if ($hand === null) {
            return $bag === null ? null : new HandbookSectionDocument('hand', 'In a bag or a cage', [$bag]);
        }

        return new HandbookSectionDocument('hand', 'Pollinating by hand', array_values(array_filter([
            match ($hand->flower) {
                FlowerKind::Perfect => 'Each flower has both sexes.',
                FlowerKind::MaleAndFemale => 'Male and female flowers stand on one plant.',
                FlowerKind::SeparatePlants => 'Male and female flowers stand on plants of their own.',
                FlowerKind::Mixed => 'Some flowers have both sexes, some are male.',
            }." $hand->opens.",
            $bag,
        ])), array_values(array_filter([
            new FactDocument('Usually takes', Quantity::percent($hand->take[0]).' to '.Quantity::percent($hand->take[1])),
            $hand->flower === FlowerKind::Perfect ? null : new FactDocument('Males to a female', (string) $hand->males),
            new FactDocument('Anthers taken out first', $hand->emasculate ? 'yes' : 'no'),
        ])), steps: $hand->steps);
    }
}
