<?php

declare(strict_types=1);

namespace App\Steps\Origin;

use App\Documents\FactDocument;
use App\Sheet\SectionDocument;
use OpenApi\Attributes as OA;

/** Where the seed of a lot came from, when it was not grown here. It belongs to no place. */
#[OA\Schema]
final readonly class OriginDocument implements SectionDocument
{
    /**
     * @param  list<FactDocument>  $facts
     * @param  string|null  $warning  what every tag of it must say
     */
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property(items: new OA\Items(ref: FactDocument::class))]
        public array $facts,
        #[OA\Property]
        public ?string $warning,
        #[OA\Property(enum: ['origin'])]
        public string $section = 'origin',
        #[OA\Property]
        public ?string $belongs = null,
    ) {}
}
