<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\PlaceDocument;
use App\Documents\TableDocument;
use App\Models\Record;
use App\Voice\When;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Marrow\Core\Work\Place;

/** What is in a place: tags with the one figure that matters there. Found by the name of its place. */
interface Board
{
    public static function place(): Place;

    public function page(Narrowing $narrowing, When $when): PlaceDocument;

    /** All of it, as it is narrowed and ordered, for a spreadsheet. */
    public function table(Narrowing $narrowing, When $when): TableDocument;

    /**
     * The things that are there on a day, to be counted: the boards need not be made for that.
     *
     * @return Builder<covariant Record>
     */
    public static function here(DateTimeImmutable $at): Builder;
}
