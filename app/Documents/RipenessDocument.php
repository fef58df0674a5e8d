<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What is looked at to see whether seed is ripe. */
#[OA\Schema]
final readonly class RipenessDocument
{
    /**
     * @param  list<string>  $cues  signs of ripeness
     * @param  list<RipeOneDocument>  $each  all of it first, then each that has a mark
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $cues,
        #[OA\Property(items: new OA\Items(ref: RipeOneDocument::class))]
        public array $each,
    ) {}
}
