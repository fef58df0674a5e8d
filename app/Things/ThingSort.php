<?php

declare(strict_types=1);

namespace App\Things;

use App\Dictation\SpokenOf;
use App\Finding\Found;
use App\Journal\RecordedSubject;
use App\Presenting\Offered;
use App\Presenting\Shows;
use App\Projection\Followed;
use App\Tagging\OnPaper;

/**
 * A sort of things that entries are about. Each room that has to do with things says in an interface what it wants to know of
 * one; whoever adds a sort answers all of them here, in one class, and need not look for the rooms.
 */
interface ThingSort extends Followed, Found, Offered, OnPaper, RecordedSubject, Shows, SpokenOf {}
