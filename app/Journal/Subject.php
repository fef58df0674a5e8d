<?php

declare(strict_types=1);

namespace App\Journal;

/** What an entry is about. */
enum Subject: string
{
    case Planting = 'planting';
    case Lot = 'lot';
}
