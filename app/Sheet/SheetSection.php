<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Voice\When;
use Marrow\Core\Lot\LotCourse;

/** Makes a part of the worksheet of a lot; found by the tag 'sheet-sections', in the order in which they stand. */
interface SheetSection
{
    /** @return list<SectionDocument> none when there is nothing to say */
    public function of(LotCourse $lot, When $when): array;
}
