<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Something in the drawing of a family. */
#[OA\Schema]
final readonly class FamilyNodeDocument
{
    /**
     * @param  string  $sort  source: whom seed came from; lot; planting; given: whom seed went to; folded: several lots of which nothing came
     * @param  string  $code  of a lot or planting; empty of the others
     * @param  string  $says  a line or two beneath
     * @param  list<string>  $marks  what is to be known of it at a glance
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property(enum: ['source', 'lot', 'planting', 'given', 'folded'])]
        public string $sort,
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $says,
        #[OA\Property(description: 'year it is of; null where nobody knows')]
        public ?int $year,
        #[OA\Property(items: new OA\Items(type: 'string', enum: ['this', 'few parents', 'cross', 'mixed', 'crossed', 'used up', 'stable']))]
        public array $marks,
    ) {}
}
