<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A lot or a planting on a day that was. */
#[OA\Schema]
final readonly class ThenThingDocument
{
    /**
     * @param  ?string  $then  how it stood, from what had been recorded by then; null where nothing of it had
     * @param  string  $believed  what was to be thought of it then
     * @param  list<string>  $due  what was to be done, by then
     * @param  string  $now  what is now known of that day, where it is another thing; empty where it is not
     */
    public function __construct(
        #[OA\Property(ref: TagDocument::class)]
        public TagDocument $tag,
        #[OA\Property]
        public ?string $then,
        #[OA\Property]
        public string $believed,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $due,
        #[OA\Property]
        public string $now,
    ) {}
}
