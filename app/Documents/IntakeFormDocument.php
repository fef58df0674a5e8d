<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What the page for taking in many packets knows before anything is typed. */
#[OA\Schema]
final readonly class IntakeFormDocument
{
    /**
     * @param  list<IntakeColumnDocument>  $columns
     * @param  list<string>  $sources  from whom seed came before
     * @param  list<string>  $containers
     * @param  list<string>  $hows  how seed may have come
     * @param  int  $most  lines that can come in as one
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: IntakeColumnDocument::class))]
        public array $columns,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $sources,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $containers,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $hows,
        #[OA\Property]
        public int $most,
    ) {}
}
