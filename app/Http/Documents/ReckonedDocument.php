<?php

declare(strict_types=1);

namespace App\Http\Documents;

use OpenApi\Attributes as OA;

/** What a reckoning gave. */
#[OA\Schema]
final readonly class ReckonedDocument
{
    /**
     * @param  list<ReckonedFigureDocument>  $figures
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: ReckonedFigureDocument::class))]
        public array $figures,
    ) {}
}
