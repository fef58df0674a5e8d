<?php

declare(strict_types=1);

namespace App\Steps\Drying;

use OpenApi\Attributes as OA;

/** A lot's way to dry, as it is drawn: what was measured, how it goes on, and where it is to get to. */
#[OA\Schema]
final readonly class DryingChartDocument
{
    /**
     * @param  string  $unit  of all figures: g, or % of wet mass
     * @param  string  $says  the picture in words
     * @param  ?float  $target  at which it is dry enough for a jar; null where that is not known in this unit
     * @param  list<ChartPointDocument>  $measured  what was weighed or read, in order
     * @param  list<ChartPointDocument>  $course  how it goes on, or went by the air alone; none where that cannot be told
     */
    public function __construct(
        #[OA\Property(enum: ['g', '%'])]
        public string $unit,
        #[OA\Property]
        public string $says,
        #[OA\Property]
        public ?float $target,
        #[OA\Property(items: new OA\Items(ref: ChartPointDocument::class))]
        public array $measured,
        #[OA\Property(items: new OA\Items(ref: ChartPointDocument::class))]
        public array $course,
    ) {}
}
