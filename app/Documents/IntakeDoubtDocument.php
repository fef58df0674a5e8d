<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What is doubtful of a cell. */
#[OA\Schema]
final readonly class IntakeDoubtDocument
{
    /**
     * @param  string  $column  key
     * @param  bool  $stops  whether the line cannot be kept as it is
     * @param  list<string>  $instead  what could stand there in its place
     */
    public function __construct(
        #[OA\Property]
        public string $column,
        #[OA\Property]
        public string $message,
        #[OA\Property]
        public bool $stops,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $instead,
    ) {}
}
