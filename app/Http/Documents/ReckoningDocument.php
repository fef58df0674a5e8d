<?php

declare(strict_types=1);

namespace App\Http\Documents;

use OpenApi\Attributes as OA;

/** A reckoning: what it answers, needs and rests on. */
#[OA\Schema]
final readonly class ReckoningDocument
{
    /**
     * @param  list<ReckoningInputDocument>  $inputs
     */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $question,
        #[OA\Property]
        public string $source,
        #[OA\Property(items: new OA\Items(ref: ReckoningInputDocument::class))]
        public array $inputs,
    ) {}
}
