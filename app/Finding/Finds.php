<?php

declare(strict_types=1);

namespace App\Finding;

use App\Documents\FoundDocument;

/** One sort of what can be found from any page; found by the tag 'finds'. */
interface Finds
{
    /** @return list<FoundDocument> the likeliest first, and only a few */
    public function find(Sought $sought): array;
}
