<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\FactDocument;
use App\Documents\HandbookSectionDocument;
use App\Voice\Months;
use App\Voice\Quantity;
use App\Words\HandbookWords;
use Marrow\Core\Botany\Crop;

/** How a variety is kept by its tubers, cloves, offsets or cuttings. */
final class KeptAlive implements PageSection
{
    public function of(Crop $crop): ?HandbookSectionDocument
    {
        $kept = $crop->vegetative;
        if ($kept === null) {
            return null;
        }
        $range = static fn (array $range, string $unit): string => $range[0] === $range[1] ? $range[0].$unit : $range[0].' to '.$range[1].$unit;

        return new HandbookSectionDocument('kept', sprintf('Kept by %s', self::part($crop)), array_values(array_filter([
            sprintf('Planted %s%s.', Months::during($kept->plant[0], $kept->plant[1], $crop), $kept->spacing === null ? '' : ', '.HandbookWords::metres($kept->spacing[0]).' by '.HandbookWords::metres($kept->spacing[1])),
            $kept->lift === null ? null : sprintf('Lifted %s%s.', Months::during($kept->lift[0], $kept->lift[1], $crop), $kept->cue === null ? '' : ': '.lcfirst($kept->cue)),
            $kept->cure === null ? null : "Cured: {$kept->cure}.",
            $kept->renewal === null ? null : "$kept->renewal.",
            $kept->note === null ? null : "$kept->note.",
            $crop->isKeptAlive() ? 'What is kept is alive: it is not dried, not jarred, and no storage life is forecast for it.' : null,
        ])), array_values(array_filter([
            $kept->storeTemperature === null ? null : new FactDocument('In store at', Quantity::temperature($kept->storeTemperature[0]).' to '.Quantity::temperature($kept->storeTemperature[1])),
            $kept->storeHumidity === null ? null : new FactDocument('Humidity', $range($kept->storeHumidity, "\u{00A0}%")),
            $kept->keeps === null ? null : new FactDocument('Keeps for', $range($kept->keeps, "\u{00A0}months")),
        ])));
    }

    private static function part(Crop $crop): string
    {
        return match ($crop->keptBy->value) {
            'division', 'cutting' => $crop->keptBy->value === 'division' ? 'division' : 'cuttings',
            'seed' => 'division as well',
            default => $crop->keptBy->value.'s',
        };
    }
}
