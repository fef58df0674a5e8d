<?php

declare(strict_types=1);

namespace App\Finding;

use App\Documents\FoundDocument;
use App\Journal\OfSubject;

/** How those of a sort of things are found from any page. */
interface Found extends OfSubject
{
    /** The address of the list that they stand in. */
    public function listed(): string;

    /** @return list<FoundDocument> the likeliest first */
    public function seek(Sought $sought): array;
}
