<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** An entry that finishes a task, of which nothing need be asked. */
#[OA\Schema]
final readonly class TapDocument
{
    /**
     * @param  string  $act  as its button says
     * @param  string  $field  the field that names what the task concerns; empty where it has none
     */
    public function __construct(
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public string $act,
        #[OA\Property]
        public string $field,
    ) {}
}
