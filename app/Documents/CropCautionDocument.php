<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A caution at the moment of one kind of entry, and the crops of this garden that it is of. */
#[OA\Schema]
final readonly class CropCautionDocument
{
    /** @param  list<string>  $crops  by their keys */
    public function __construct(
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public string $says,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $crops,
    ) {}
}
