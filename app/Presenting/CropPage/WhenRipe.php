<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\HandbookSectionDocument;
use App\Words\HandbookWords;
use Marrow\Core\Botany\Crop;

final class WhenRipe implements PageSection
{
    public function of(Crop $crop): HandbookSectionDocument
    {
        return new HandbookSectionDocument('ripe', $crop->isKeptAlive() ? 'When to lift it' : 'What ripe looks like', (new HandbookWords($crop))->ripe());
    }
}
