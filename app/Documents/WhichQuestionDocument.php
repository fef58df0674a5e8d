<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\WhichQuestion;
use OpenApi\Attributes as OA;

/** A question that tells look-alikes apart. */
#[OA\Schema]
final readonly class WhichQuestionDocument
{
    /** @param  list<WhichAnswerDocument>  $answers */
    public function __construct(
        #[OA\Property]
        public string $ask,
        #[OA\Property(items: new OA\Items(ref: WhichAnswerDocument::class))]
        public array $answers,
    ) {}

    public static function of(WhichQuestion $question, CropReference $crops): self
    {
        return new self($question->ask, array_map(static fn (array $answer): WhichAnswerDocument => $answer['to'] instanceof WhichQuestion
            ? WhichAnswerDocument::question($answer['say'], self::of($answer['to'], $crops))
            : WhichAnswerDocument::crop($answer['say'], $crops->get($answer['to'])), $question->answers));
    }
}
