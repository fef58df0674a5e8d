<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What became of one draft. */
#[OA\Schema]
final readonly class AnswerDocument
{
    /**
     * @param  string  $entry  its id
     * @param  string  $status  kept; asked: it is kept when sent again with even_so; refused; taken: its id stands for something else
     * @param  string  $said  what was kept, said back
     * @param  string|null  $adrift  why nothing is reckoned from it, though it is kept
     * @param  object  $errors  what is wrong or asked, by field
     * @param  list<string>  $questions
     * @param  ?list<string>  $touches  codes or ids of the things that are otherwise with it; null where any may be
     */
    public function __construct(
        #[OA\Property]
        public string $entry,
        #[OA\Property(enum: ['kept', 'asked', 'refused', 'taken'])]
        public string $status,
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $said,
        #[OA\Property]
        public ?string $adrift,
        #[OA\Property]
        public string $message,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))]
        public object $errors,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $questions,
        #[OA\Property(type: 'array', nullable: true, items: new OA\Items(type: 'string'))]
        public ?array $touches = null,
    ) {}
}
