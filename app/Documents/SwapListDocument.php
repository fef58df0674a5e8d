<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What of the store may be swapped or given away, and what is kept back. */
#[OA\Schema]
final readonly class SwapListDocument
{
    /**
     * @param  string  $day  of which it is
     * @param  string  $rules  what the law may have to say to it, once
     * @param  list<SwapLineDocument>  $offered
     * @param  list<SwapLineDocument>  $kept
     */
    public function __construct(
        #[OA\Property]
        public string $garden,
        #[OA\Property]
        public string $day,
        #[OA\Property]
        public string $rules,
        #[OA\Property(items: new OA\Items(ref: SwapLineDocument::class))]
        public array $offered,
        #[OA\Property(items: new OA\Items(ref: SwapLineDocument::class))]
        public array $kept,
    ) {}
}
