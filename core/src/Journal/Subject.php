<?php

declare(strict_types=1);

namespace Marrow\Core\Journal;

/** What an entry is about. The value is the word kept in the journal; it never changes. */
enum Subject: string
{
    case Planting = 'planting';
    case Lot = 'lot';
    case Container = 'container';
    case Place = 'place';
}
