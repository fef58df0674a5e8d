<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\OfferDocument;
use App\Journal\OfSubject;
use App\Voice\When;

/** What can be recorded of a sort of things, as the sheet of each offers it. */
interface Offered extends OfSubject
{
    /**
     * @param  list<string>  $ids
     * @return array<string, list<OfferDocument>> by id, the likeliest first
     */
    public function offered(array $ids, When $when): array;
}
