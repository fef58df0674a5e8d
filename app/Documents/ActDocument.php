<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** Many lots that came in as one. */
#[OA\Schema]
final readonly class ActDocument
{
    /**
     * @param  string  $said  how many came, and when
     * @param  bool  $taken_back  whether it was taken back
     * @param  string  $loses  what taking it back leaves without a lot; empty where nothing was recorded since
     * @param  list<IntakeFollowsDocument>  $follows
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $said,
        #[OA\Property]
        public int $lots,
        #[OA\Property]
        public bool $taken_back,
        #[OA\Property]
        public string $loses,
        #[OA\Property(items: new OA\Items(ref: IntakeFollowsDocument::class))]
        public array $follows,
    ) {}
}
