<?php

declare(strict_types=1);

namespace App\Steps\Testing;

use OpenApi\Attributes as OA;

/** What germinates, dish by dish, and what wants testing next. */
#[OA\Schema]
final readonly class TraysDocument
{
    /**
     * @param  list<TrayDocument>  $tests  that run, the longest first
     * @param  list<WantsTestDocument>  $next  in the order in which they want it
     * @param  list<string>  $beside  lots of one variety that were laid together, compared
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: TrayDocument::class))]
        public array $tests,
        #[OA\Property(items: new OA\Items(ref: WantsTestDocument::class))]
        public array $next,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $beside,
    ) {}
}
