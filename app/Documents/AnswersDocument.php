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
     * @param  string  $said  what was kept of all of it, said back, where it was done to many at once
     * @param  string|null  $act  by which that is taken back as one
     */
    public function __construct(
        #[OA\Property]
        public string $message,
        #[OA\Property(items: new OA\Items(ref: AnswerDocument::class))]
        public array $answers,
        #[OA\Property]
        public string $said = '',
        #[OA\Property]
        public ?string $act = null,
    ) {}
}
