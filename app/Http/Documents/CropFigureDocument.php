<?php

declare(strict_types=1);

namespace App\Http\Documents;

use OpenApi\Attributes as OA;

/** A figure of a crop, with the one that it stands in for beside it. */
#[OA\Schema]
final readonly class CropFigureDocument
{
    /**
     * @param  float|null  $value  that is reckoned with
     * @param  float|null  $original  of the handbook, or of the crop where a variety is asked about
     * @param  bool  $own  whether it is the keeper's own
     */
    public function __construct(
        #[OA\Property]
        public string $path,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $unit,
        #[OA\Property]
        public ?float $value,
        #[OA\Property]
        public ?float $original,
        #[OA\Property]
        public bool $own,
    ) {}
}
