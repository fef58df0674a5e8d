<?php

declare(strict_types=1);

namespace App\Presenting\CropPage;

use App\Documents\HandbookSectionDocument;
use Marrow\Core\Botany\Crop;

/** A part of a crop's page. A new part is a new class and a line in PageSections. */
interface PageSection
{
    /** Null where nothing is to be said of this crop. */
    public function of(Crop $crop): ?HandbookSectionDocument;
}
