<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A part of a page: a few sentences, the figures behind them, and what can hurt. */
#[OA\Schema]
final readonly class HandbookSectionDocument
{
    /**
     * @param  list<string>  $paragraphs
     * @param  list<FactDocument>  $facts
     * @param  list<string>  $cautions
     * @param  list<string>  $steps  what to do, in its order
     */
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $title,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $paragraphs,
        #[OA\Property(items: new OA\Items(ref: FactDocument::class))]
        public array $facts = [],
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $cautions = [],
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $steps = [],
    ) {}
}
