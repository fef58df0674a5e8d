<?php

declare(strict_types=1);

namespace App\Journal;

use LogicException;
use Marrow\Core\Journal\Subject;

/** Everything that entries can be about. */
final readonly class Subjects
{
    /** @var array<string, RecordedSubject> */
    private array $bySubject;

    /** @param  iterable<RecordedSubject>  $subjects */
    public function __construct(iterable $subjects)
    {
        $by = [];
        foreach ($subjects as $one) {
            $by[$one->subject()->value] = $one;
        }
        $this->bySubject = $by;
    }

    public function of(Subject $subject): RecordedSubject
    {
        return $this->bySubject[$subject->value] ?? throw new LogicException("Nobody keeps the journal of a $subject->value.");
    }
}
