<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\FactDocument;
use App\Documents\HandbookSectionDocument;
use App\Voice\Quantity;
use App\Words\HandbookWords;
use Marrow\Core\Botany\Crop;

final class Testing implements PageSection
{
    public function of(Crop $crop): ?HandbookSectionDocument
    {
        if ($crop->isKeptAlive()) {
            return null;
        }
        $test = $crop->test;

        return new HandbookSectionDocument('testing', 'Testing', (new HandbookWords($crop))->testing(), [
            new FactDocument('Temperature', $test->temperatureLow === $test->temperatureHigh
                ? Quantity::temperature($test->temperatureHigh)
                : Quantity::temperature($test->temperatureLow).' at night, '.Quantity::temperature($test->temperatureHigh).' by day'),
            new FactDocument('Least worth passing on', Quantity::percent($test->minimum)),
        ]);
    }
}
