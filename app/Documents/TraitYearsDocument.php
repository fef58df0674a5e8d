<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What became of a trait of a variety over the years. */
#[OA\Schema]
final readonly class TraitYearsDocument
{
    /** @param  list<string>  $lines  a year each, the oldest first: mean with its limits, and the weather where it was measured */
    public function __construct(
        #[OA\Property]
        public string $trait,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $lines,
    ) {}
}
