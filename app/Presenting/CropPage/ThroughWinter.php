<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\FactDocument;
use App\Documents\HandbookSectionDocument;
use App\Voice\Months;
use App\Voice\Quantity;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\PlantPart;
use Marrow\Core\Botany\Wintering;

/** How it comes through the winter before its seed. */
final class ThroughWinter implements PageSection
{
    public function of(Crop $crop): ?HandbookSectionDocument
    {
        $winter = $crop->winter;
        if ($winter === null) {
            return null;
        }
        // Roots and bulbs are had from seed in two ways, and only one of them shows what one chooses by.
        $both = count($winter->stands) > 1 && $winter->canBeLifted() && array_intersect([PlantPart::Root->value, PlantPart::Bulb->value], array_map(static fn (PlantPart $part): string => $part->value, $crop->eaten)) !== [];
        $ways = array_map(static fn (Wintering $way): string => match ($way) {
            Wintering::Ground => 'standing in the ground'.($both ? ' (seed to seed: quicker, and chosen by the leaf alone)' : ''),
            Wintering::Covered => 'covered where it stands',
            Wintering::Lifted => 'lifted and stored'.($both ? ' (root to seed: every plant is looked over)' : ''),
        }, $winter->stands);
        $last = array_pop($ways);

        return new HandbookSectionDocument('winter', 'Through the winter', array_values(array_filter([
            sprintf('It spends the winter %s%s. In the ground it bears %s about %s.', $ways === [] ? '' : implode(', ', $ways).' or ', $last, $winter->hardyTo < 0 ? 'frost down to' : 'nothing colder than', Quantity::temperature((float) $winter->hardyTo)),
            $winter->coldWeeks === null ? null : sprintf('It takes %d to %d weeks below about %s to bloom.', $winter->coldWeeks[0], $winter->coldWeeks[1], Quantity::temperature(10.0)),
            $winter->replant === null ? null : sprintf('What was lifted is planted out again %s.', Months::during($winter->replant[0], $winter->replant[1], $crop)),
            $winter->note === null ? null : "$winter->note.",
        ])), array_values(array_filter([
            $winter->storeTemperature === null ? null : new FactDocument('In store at', Quantity::temperature($winter->storeTemperature[0]).' to '.Quantity::temperature($winter->storeTemperature[1])),
            $winter->storeHumidity === null ? null : new FactDocument('Humidity', $winter->storeHumidity[0].' to '.$winter->storeHumidity[1]."\u{00A0}%"),
        ])));
    }
}
