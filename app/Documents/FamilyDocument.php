<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Where a lot came from, back to the first, and what came of it, down to today. */
#[OA\Schema]
final readonly class FamilyDocument
{
    /**
     * @param  string  $said  "third own generation; two lots came of it"
     * @param  list<FamilyStepDocument>  $forebears  the nearest first
     * @param  list<FamilyStepDocument>  $offspring  in the order in which they came to be
     * @param  bool  $more  whether there are more of either than are told
     */
    public function __construct(
        #[OA\Property]
        public string $said,
        #[OA\Property(ref: FamilyStepDocument::class)]
        public FamilyStepDocument $self,
        #[OA\Property(items: new OA\Items(ref: FamilyStepDocument::class))]
        public array $forebears,
        #[OA\Property(items: new OA\Items(ref: FamilyStepDocument::class))]
        public array $offspring,
        #[OA\Property]
        public bool $more,
    ) {}
}
