<?php

declare(strict_types=1);

namespace App\Steps\Tasting;

use OpenApi\Attributes as OA;

/** A tasting: blind while it is going on, with what it showed once it is over. */
#[OA\Schema]
final readonly class TastingDocument
{
    /**
     * @param  string  $set  when it was set out, and of what
     * @param  string  $how  raw or cooked
     * @param  list<PlateDocument>  $plates  in their order on the table; from best to least once it is unblinded
     * @param  list<string>  $tasters  who has scored it
     * @param  list<string>  $said  what it can show, or has shown
     * @param  list<PlantTastedDocument>  $plants  what it says of each plant of the row; empty while it is blind
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $set,
        #[OA\Property(enum: ['raw', 'cooked'])]
        public string $how,
        #[OA\Property(enum: ['plant', 'fruit'])]
        public string $of,
        #[OA\Property]
        public bool $blind,
        #[OA\Property(items: new OA\Items(ref: PlateDocument::class))]
        public array $plates,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $tasters,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $said,
        #[OA\Property(items: new OA\Items(ref: PlantTastedDocument::class))]
        public array $plants,
    ) {}
}
