<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\PlaceDocument;
use App\Documents\TableDocument;
use App\Voice\When;
use DateTimeImmutable;
use Marrow\Core\Work\Place;

/** What is in a place: tags with the one figure that matters there. Found by the name of its place. */
interface Board
{
    public function place(): Place;

    public function page(Narrowing $narrowing, When $when): PlaceDocument;

    /** All of it, as it is narrowed and ordered, for a spreadsheet. */
    public function table(Narrowing $narrowing, When $when): TableDocument;

    /** How many things are there on a day. */
    public function count(DateTimeImmutable $at): int;
}
