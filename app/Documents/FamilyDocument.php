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
     * @param  ?FamilyStepDocument  $self  null of a variety's
     * @param  list<FamilyStepDocument>  $forebears  the nearest first
     * @param  list<FamilyStepDocument>  $offspring  in the order in which they came to be
     * @param  bool  $more  whether there are more of either than are told
     * @param  ?DiversityDocument  $diversity  null of what still splits, is mixed on purpose, or has never been grown out
     * @param  string  $made  what a mixture or a cross is made of; empty of what is all of one
     */
    public function __construct(
        #[OA\Property]
        public string $said,
        #[OA\Property(ref: FamilyStepDocument::class, nullable: true)]
        public ?FamilyStepDocument $self,
        #[OA\Property(items: new OA\Items(ref: FamilyStepDocument::class))]
        public array $forebears,
        #[OA\Property(items: new OA\Items(ref: FamilyStepDocument::class))]
        public array $offspring,
        #[OA\Property]
        public bool $more,
        #[OA\Property(ref: DiversityDocument::class, nullable: true)]
        public ?DiversityDocument $diversity,
        #[OA\Property]
        public string $made,
        #[OA\Property(ref: FamilyDrawingDocument::class)]
        public FamilyDrawingDocument $drawing,
    ) {}
}
