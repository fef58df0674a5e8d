<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Http\Documents\CropDocument;
use App\Words\CautionWords;
use Marrow\Core\Botany\BreedingSystem;
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
            sprintf(
                '%s; %d to %d %% of its seed usually has foreign pollen where others bloom beside it',
                match ($crop->breeding) {
                    BreedingSystem::Selfing => 'pollinates itself',
                    BreedingSystem::MostlySelfing => 'mostly pollinates itself',
                    BreedingSystem::InsectOutcrossing => 'crosses by insects',
                    BreedingSystem::WindOutcrossing => 'crosses by wind',
                },
                (int) round($crop->outcrossingLow * 100),
                (int) round($crop->outcrossingHigh * 100),
            ),
            $crop->cleaning->value,
            $crop->cleaningNote,
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
            $crop->test->note,
            $crop->viability()->basis->value,
            array_map(CautionWords::text(...), $crop->cautions),
        );
    }
}
