<?php

declare(strict_types=1);

namespace App\Steps\Drying;

use OpenApi\Attributes as OA;

/** One lot on its way to dry. */
#[OA\Schema]
final readonly class RackLotDocument
{
    /**
     * @param  string  $is  how dry it is
     * @param  string  $rests  what that rests on
     * @param  ?DryingChartDocument  $chart  by its water, hours from now; null where there is nothing to draw
     * @param  ?string  $jar  what it is shut in with, and until when
     */
    public function __construct(
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $variety,
        #[OA\Property]
        public string $is,
        #[OA\Property]
        public string $rests,
        #[OA\Property]
        public ?string $place,
        #[OA\Property(ref: DryingChartDocument::class, nullable: true)]
        public ?DryingChartDocument $chart,
        #[OA\Property]
        public ?string $jar,
    ) {}
}
