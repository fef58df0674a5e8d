<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Steps\Ripening\Readiness;
use OpenApi\Attributes as OA;

/** All of a planting, or one of it that has a mark, as it was found the last time. */
#[OA\Schema]
final readonly class RipeOneDocument
{
    /**
     * @param  string  $mark  empty of all of it
     * @param  string  $name  what it is called
     * @param  ?string  $ready  as it was found; null where nobody has looked
     * @param  list<string>  $cues  that were seen
     * @param  string  $said  when, and what was seen; empty where nobody has looked
     */
    public function __construct(
        #[OA\Property]
        public string $mark,
        #[OA\Property]
        public string $name,
        #[OA\Property(enum: Readiness::class, nullable: true)]
        public ?string $ready,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $cues,
        #[OA\Property]
        public string $said,
    ) {}
}
