<?php

declare(strict_types=1);

namespace App\Http\Documents;

use OpenApi\Attributes as OA;

/** Something that can be recorded of a thing as it stands. */
#[OA\Schema]
final readonly class OfferDocument
{
    /**
     * @param  list<string>  $cautions
     */
    public function __construct(
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public string $title,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $cautions,
    ) {}
}
