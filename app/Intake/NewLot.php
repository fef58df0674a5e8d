<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Lot;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Lot\LotCourse;

/** A lot that a line makes, with what is recorded of it; nothing of it is kept yet. */
final readonly class NewLot
{
    /** @param  list<Entry>  $entries */
    public function __construct(public Lot $lot, public array $entries, public LotCourse $course, public ?string $placeId, public ?string $inside) {}
}
