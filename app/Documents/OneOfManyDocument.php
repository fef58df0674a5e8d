<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Journal\Subject;
use OpenApi\Attributes as OA;

/** One of several things to which the same is to be done. */
#[OA\Schema]
final readonly class OneOfManyDocument
{
    public function __construct(
        #[OA\Property(enum: Subject::class)]
        public string $subject,
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public TagDocument $tag,
    ) {}
}
