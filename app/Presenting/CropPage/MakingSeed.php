<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\HandbookSectionDocument;
use App\Words\HandbookWords;
use Marrow\Core\Botany\Crop;

final class MakingSeed implements PageSection
{
    public function of(Crop $crop): HandbookSectionDocument
    {
        return new HandbookSectionDocument('seed', 'How it makes seed', [
            ...($crop->synonyms === [] ? [] : [sprintf('It also goes by the name of %s.', implode(', ', $crop->synonyms))]),
            ...(new HandbookWords($crop))->makingSeed(),
        ]);
    }
}
