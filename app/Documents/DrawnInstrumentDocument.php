<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What an instrument told over a time, to be drawn. */
#[OA\Schema]
final readonly class DrawnInstrumentDocument
{
    /** @param  list<DrawnMeasureDocument>  $measures */
    public function __construct(
        #[OA\Property]
        public InstrumentDocument $instrument,
        #[OA\Property(items: new OA\Items(ref: DrawnMeasureDocument::class))]
        public array $measures,
    ) {}
}
