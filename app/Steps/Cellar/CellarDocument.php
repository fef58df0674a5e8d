<?php

declare(strict_types=1);

namespace App\Steps\Cellar;

use App\Documents\FactDocument;
use App\Sheet\SectionDocument;
use OpenApi\Attributes as OA;

/** How what is kept alive has kept so far. */
#[OA\Schema]
final readonly class CellarDocument implements SectionDocument
{
    /** @param  list<FactDocument>  $facts */
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property(items: new OA\Items(ref: FactDocument::class))]
        public array $facts,
        #[OA\Property(enum: ['cellar'])]
        public string $section = 'cellar',
        #[OA\Property(enum: ['store'])]
        public ?string $belongs = 'store',
    ) {}
}
