<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Selection\TraitScale;
use OpenApi\Attributes as OA;

/** Something that plants are chosen by. */
#[OA\Schema]
final readonly class ChosenTraitDocument
{
    /** @param  list<string>  $words  that may be told of it, the more wanted the later; of marks the marks */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(enum: TraitScale::class)]
        public string $scale,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $words,
        #[OA\Property]
        public string $unit,
    ) {}
}
