<?php

declare(strict_types=1);

namespace App\Tagging;

use App\Documents\PaperTagDocument;
use App\Journal\OfSubject;
use App\Voice\When;

/** The tags of a sort of things. */
interface OnPaper extends OfSubject
{
    /** Of more, tags are printed in several goes. */
    public const MOST = 400;

    /**
     * @param  list<int>  $numbers  of their codes
     * @param  string  $place  as a board is called: all that is there; empty for those of the numbers alone
     * @return list<PaperTagDocument>
     */
    public function paper(array $numbers, string $place, When $when): array;
}
