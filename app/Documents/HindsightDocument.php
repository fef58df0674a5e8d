<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** How past forecasts did against the tests that came after them. */
#[OA\Schema]
final readonly class HindsightDocument
{
    /**
     * @param  string  $sentence  how many held, and what that says
     * @param  ?string  $store  how this keeper's seed ages against the model; null while no tests tell
     * @param  list<CheckedForecastDocument>  $checks  the newest first
     */
    public function __construct(
        #[OA\Property]
        public string $sentence,
        #[OA\Property]
        public ?string $store,
        #[OA\Property(items: new OA\Items(ref: CheckedForecastDocument::class))]
        public array $checks,
    ) {}
}
