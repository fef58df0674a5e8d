<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** A round through the garden, in the order in which one walks it. */
#[OA\Schema]
final readonly class RoundDocument
{
    /**
     * @param  string  $sun  when the sun sets or rises, and rain that is foretold; empty where neither matters or is known
     * @param  string  $nothing  what to say where there is nothing to do
     * @param  list<RoundLineDocument>  $lines
     */
    public function __construct(
        #[OA\Property(enum: ['evening', 'morning', 'looking-over', 'ripeness'])]
        public string $which,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $sun,
        #[OA\Property]
        public string $nothing,
        #[OA\Property(items: new OA\Items(ref: RoundLineDocument::class))]
        public array $lines,
    ) {}
}
