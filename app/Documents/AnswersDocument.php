<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What became of the drafts that were sent, one for each, in their order. */
#[OA\Schema]
final readonly class AnswersDocument
{
    /**
     * @param  string  $message  where none was kept, why the first was not
     * @param  list<AnswerDocument>  $answers
     */
    public function __construct(
        #[OA\Property]
        public string $message,
        #[OA\Property(items: new OA\Items(ref: AnswerDocument::class))]
        public array $answers,
    ) {}
}
