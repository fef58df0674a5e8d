<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\HandbookSectionDocument;
use App\Words\HandbookWords;
use Marrow\Core\Botany\Crop;

final class DryEnough implements PageSection
{
    public function of(Crop $crop): ?HandbookSectionDocument
    {
        return $crop->isKeptAlive() ? null : new HandbookSectionDocument('dry', $crop->bearsDrying() ? 'Dry enough' : 'Never dry', (new HandbookWords($crop))->dry());
    }
}
