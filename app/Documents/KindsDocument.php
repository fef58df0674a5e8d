<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Everything that can be told, for where nobody can be asked what fits. */
#[OA\Schema]
final readonly class KindsDocument
{
    /**
     * @param  list<KindDocument>  $kinds
     * @param  list<CropCautionDocument>  $cautions
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: KindDocument::class))]
        public array $kinds,
        #[OA\Property(items: new OA\Items(ref: CropCautionDocument::class))]
        public array $cautions,
    ) {}
}
