<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What has changed of a line since the rota was agreed on, and by which record. */
#[OA\Schema]
final readonly class RotaChangeDocument
{
    /** @param  list<string>  $by  what was recorded of it since */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $says,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $by,
    ) {}
}
