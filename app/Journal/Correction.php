<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\JournalEntry;
use App\Models\Recorded;
use App\Reading\JournalReader;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Question;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Sequence;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Steps\Holding\FillsContainer;
use Marrow\Core\Steps\Holding\FillsContainers;

/** The entry that another one takes the place of: among those of its minute, in its act, with its packets. */
final readonly class Correction
{
    /**
     * @param  string  $order  what decides between entries of one moment
     * @param  list<string>  $into  the containers that it filled
     * @param  list<Question>  $questions  what taking it away would leave
     */
    private function __construct(
        public string $id,
        public Subject $subject,
        public string $subjectId,
        public string $order,
        public ?string $act,
        public array $into,
        public array $questions,
    ) {}

    /**
     * @param  Subjects<RecordedSubject>  $subjects
     * @return ?self null when nothing is corrected
     *
     * @throws Refused when it cannot be corrected by this
     */
    public static function of(Draft $draft, Recorded $thing, Subjects $subjects, JournalReader $journal): ?self
    {
        if ($draft->replaces === null) {
            return null;
        }
        $old = $draft->replaces === $draft->id ? null : JournalEntry::query()->where('id', $draft->replaces)->first();
        if ($old === null) {
            throw Refused::at('replaces', 'There is no such entry to correct.');
        }
        $subject = Subject::from($old->subject);
        $isElsewhere = $old->subject_id !== $thing->id();
        // Recorded of the wrong one it is moved to the right one; something else in its place is no correction.
        if ($old->subject !== $draft->about->value || ($isElsewhere && $old->kind !== $draft->kind)) {
            throw Refused::at('replaces', 'That entry is of something else, so this cannot take its place. Strike that one, and record this one by itself.');
        }
        $entries = $journal->of($subject, $old->subject_id);
        $questions = isset(Sequence::of($entries)->struck[$old->id]) ? [new Question('replaces', 'What is to be corrected has been corrected or struck already. Is this to stand as well?', true)] : [];
        $filled = ! $isElsewhere && $old->kind === $draft->kind ? self::entry($entries, $old)?->payload : null;

        return new self(
            $old->id,
            $subject,
            $old->subject_id,
            $isElsewhere ? $draft->id : $old->ord,
            $isElsewhere ? null : $old->act,
            match (true) {
                $filled instanceof FillsContainers => $filled->into(),
                $filled instanceof FillsContainer && $filled->into() !== null => [$filled->into()],
                default => [],
            },
            $isElsewhere ? [...$questions, ...self::asksOfLeft($subjects, $journal, $subject, $old)] : $questions,
        );
    }

    /**
     * What stands of the one that it was recorded of, without it.
     *
     * @param  Subjects<RecordedSubject>  $subjects
     * @return list<Question>
     */
    private static function asksOfLeft(Subjects $subjects, JournalReader $journal, Subject $subject, JournalEntry $old): array
    {
        $of = $subjects->of($subject);
        $left = $of->find($old->subject_id);

        return $left === null ? [] : array_map(
            static fn (string $message): Question => new Question('replaces', "Without it something recorded of {$left->code()} would no longer fit: $message", true),
            $of->leftAdrift($left, $journal->of($subject, $old->subject_id), $old->id),
        );
    }

    /** @param  list<Entry>  $entries */
    private static function entry(array $entries, JournalEntry $old): ?Entry
    {
        foreach ($entries as $entry) {
            if ($entry->id === $old->id && $entry->heardAs === null) {
                return $entry;
            }
        }

        return null;
    }
}
