<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\AnswerDocument;
use App\Journal\Answer;
use App\Words\EntryWords;
use Marrow\Core\Folding\Question;
use Marrow\Core\Journal\Entry;

/** What became of drafts, said back. */
final readonly class Answers
{
    /** Of what was done to many at once so many are named. */
    private const NAMED = 4;

    public function __construct(private Entries $entries) {}

    public function document(Answer $answer): AnswerDocument
    {
        return new AnswerDocument(
            $answer->id,
            $answer->status,
            $answer->code,
            $this->said($answer),
            $answer->adrift,
            $answer->message,
            (object) $answer->errors,
            array_map(static fn (Question $question): string => $question->message, $answer->questions),
            $answer->touches,
        );
    }

    /** @param  list<Answer>  $kept  of what was done at once */
    public static function ofMany(array $kept): string
    {
        $kind = $kept[0]->kind ?? null;

        if ($kind === null) {
            return '';
        }
        $codes = array_map(static fn (Answer $answer): string => $answer->code, $kept);
        $more = count($codes) - self::NAMED;

        return "$kind->title: ".($more < 2 ? implode(', ', $codes) : implode(', ', array_slice($codes, 0, self::NAMED))." and $more more");
    }

    private function said(Answer $answer): string
    {
        if ($answer->kind === null || $answer->payload === null) {
            return '';
        }
        $entry = new Entry($answer->id, $answer->id, $answer->kind, $answer->payload, new \DateTimeImmutable('@0'));
        $figures = (new EntryWords($this->entries->names([$entry])))->figures($answer->kind, $answer->payload);

        return $answer->code.': '.mb_strtolower($answer->kind->title).($figures === '' ? '' : ', '.$figures);
    }
}
