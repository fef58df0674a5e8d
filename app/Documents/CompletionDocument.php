<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Something that may follow in a line. */
#[OA\Schema]
final readonly class CompletionDocument
{
    /**
     * @param  string  $insert  what it adds to the line
     * @param  string  $said  what it is
     */
    public function __construct(
        #[OA\Property]
        public string $insert,
        #[OA\Property]
        public string $said,
    ) {}
}
