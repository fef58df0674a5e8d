<?php

declare(strict_types=1);

namespace App\Steps\Storing;

use App\Documents\FactDocument;
use App\Sheet\SectionDocument;
use App\Steps\Keeping\ForecastDocument;
use OpenApi\Attributes as OA;

/** Where and how much. */
#[OA\Schema]
final readonly class StoreDocument implements SectionDocument
{
    /**
     * @param  float  $rh  per cent
     * @param  list<FactDocument>  $facts
     * @param  list<InContainerDocument>  $containers  each of those that it lies in
     * @param  ?ShutInDocument  $inside  null where it breathes, or nobody knows how damp it is
     */
    public function __construct(
        #[OA\Property]
        public string $container,
        #[OA\Property]
        public bool $tight,
        #[OA\Property]
        public string $place,
        #[OA\Property]
        public float $temperature,
        #[OA\Property]
        public float $rh,
        #[OA\Property]
        public string $since,
        #[OA\Property]
        public ?string $stock,
        #[OA\Property(items: new OA\Items(ref: FactDocument::class))]
        public array $facts,
        #[OA\Property(items: new OA\Items(ref: InContainerDocument::class))]
        public array $containers,
        #[OA\Property]
        public ?ForecastDocument $forecast,
        #[OA\Property]
        public ?string $no_forecast,
        #[OA\Property]
        public ?ShutInDocument $inside,
        #[OA\Property(enum: ['store'])]
        public string $section = 'store',
        #[OA\Property(enum: ['store'])]
        public string $belongs = 'store',
    ) {}
}
