<?php

declare(strict_types=1);

namespace App\Dictation;

use App\Models\Variety;
use Marrow\Core\Dictation\Beginning;
use Marrow\Core\Dictation\Clause;

/** What a clause begins, and of which variety it is. */
final readonly class Begun
{
    /** @param  Clause  $clause  as it was read for it */
    public function __construct(public Variety $variety, public Beginning $how, public Clause $clause) {}
}
