<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** How far a lot that splits is on the way to a line of its own, and what the next growing is for. */
#[OA\Schema]
final readonly class RoadDocument
{
    /**
     * @param  string  $said  what its seed will give
     * @param  list<string>  $expects  before it is begun: years, plants and ground, and what cannot work well
     * @param  string  $other  another way to the same end; empty where there is none
     * @param  list<string>  $wanted  a sentence for each trait that is looked for
     * @param  string  $search  how many to grow to find them; empty where nothing is to be found by growing
     * @param  list<RoadYearDocument>  $years  what is still mixed, by generation
     * @param  list<string>  $stable  whether it may be called stable, and by what
     * @param  list<RoadStepDocument>  $steps  the pickings since the cross, the first first
     * @param  list<TraitYearsDocument>  $gained  by trait, what those years' plants were like
     */
    public function __construct(
        #[OA\Property]
        public string $said,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $expects,
        #[OA\Property]
        public string $other,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $wanted,
        #[OA\Property]
        public string $search,
        #[OA\Property(items: new OA\Items(ref: RoadYearDocument::class))]
        public array $years,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $stable,
        #[OA\Property(items: new OA\Items(ref: RoadStepDocument::class))]
        public array $steps,
        #[OA\Property(items: new OA\Items(ref: TraitYearsDocument::class))]
        public array $gained,
    ) {}
}
