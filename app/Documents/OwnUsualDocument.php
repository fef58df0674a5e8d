<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What is usual of one of several things, where it is another for each. */
#[OA\Schema]
final readonly class OwnUsualDocument
{
    /**
     * @param  string  $of  id of the thing
     * @param  string  $key  of the field
     */
    public function __construct(
        #[OA\Property]
        public string $of,
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public ?string $usual,
    ) {}
}
