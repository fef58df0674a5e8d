<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A kind of entry, and a line that tells of one. */
#[OA\Schema]
final readonly class LineKindDocument
{
    /**
     * @param  string  $step  the step of the work that it is of
     * @param  list<string>  $called  what it is called in a line, besides
     */
    public function __construct(
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $step,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $called,
        #[OA\Property]
        public string $example,
    ) {}
}
