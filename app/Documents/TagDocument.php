<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Journal\Subject;
use OpenApi\Attributes as OA;

/** What stands on the label of a lot or planting, on screen as on paper. */
#[OA\Schema]
final readonly class TagDocument
{
    public function __construct(
        #[OA\Property(enum: Subject::class)]
        public string $subject,
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $variety,
        #[OA\Property]
        public string $crop,
        #[OA\Property]
        public string $latin,
        #[OA\Property]
        public ?int $year,
        #[OA\Property]
        public string $generation,
        #[OA\Property(enum: ['not known', 'clean', 'near clean', 'doubtful', 'crossed', 'hybrid', 'mixing', 'not fixed'])]
        public string $line,
        #[OA\Property(ref: SeedLookDocument::class, nullable: true)]
        public ?SeedLookDocument $seed = null,
    ) {}
}
