<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\CropDocument;
use App\Voice\InUnits;
use App\Words\CautionWords;
use App\Words\HandbookWords;
use Marrow\Core\Botany\Crop;

final class CropSheet
{
    public static function of(Crop $crop): CropDocument
    {
        return new CropDocument(
            $crop->key,
            $crop->name,
            $crop->latin,
            $crop->family,
            $crop->lifeCycle->value,
            HandbookWords::breeding($crop->title()),
            $crop->cleaning->way->value,
            implode(' ', [InUnits::sentence($crop->cleaning->note), ...(new HandbookWords($crop))->screening()]),
            $crop->ripening->cue,
            $crop->ordinaryYears,
            $crop->oil,
            $crop->jarMoisture,
            $crop->drynessSign,
            $crop->tsmLow,
            $crop->tsmHigh,
            $crop->test->temperatureLow,
            $crop->test->temperatureHigh,
            $crop->test->firstCount,
            $crop->test->lastCount,
            $crop->test->minimum,
            InUnits::sentence($crop->test->note),
            $crop->bearsDrying() ? $crop->viability()->basis->value : 'none',
            array_map(CautionWords::text(...), $crop->cautions),
        );
    }
}
