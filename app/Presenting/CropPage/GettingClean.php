<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\HandbookSectionDocument;
use App\Words\CautionWords;
use App\Words\HandbookWords;
use Marrow\Core\Botany\Crop;

final class GettingClean implements PageSection
{
    public function of(Crop $crop): HandbookSectionDocument
    {
        return new HandbookSectionDocument('clean', 'Getting it clean', (new HandbookWords($crop))->clean(), [], array_map(CautionWords::text(...), $crop->cautions));
    }
}
