<?php

declare(strict_types=1);

namespace App\Journal;

use Marrow\Core\Journal\Subject;

/** Something that one sort of things has of its own, and every other sort too. */
interface OfSubject
{
    public function subject(): Subject;
}
