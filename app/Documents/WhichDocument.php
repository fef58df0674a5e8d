<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** From a common name that means several species to the one that is grown. */
#[OA\Schema]
final readonly class WhichDocument
{
    /** @param  list<string>  $names */
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $title,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $names,
        #[OA\Property(ref: WhichQuestionDocument::class)]
        public WhichQuestionDocument $question,
    ) {}
}
