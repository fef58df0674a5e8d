<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\HandbookSectionDocument;
use Marrow\Core\Botany\Crop;

final class GoesWrong implements PageSection
{
    public function of(Crop $crop): HandbookSectionDocument
    {
        return new HandbookSectionDocument('wrong', 'What can go wrong', $crop->goesWrong);
    }
}
