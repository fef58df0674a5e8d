<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What follows from what came in: some of its lots, and what is to be done with them. */
#[OA\Schema]
final readonly class IntakeFollowsDocument
{
    /** @param  list<IntakeFollowsLotDocument>  $lots */
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $advice,
        #[OA\Property(items: new OA\Items(ref: IntakeFollowsLotDocument::class))]
        public array $lots,
    ) {}
}
