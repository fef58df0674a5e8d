<?php

declare(strict_types=1);

namespace App\Journal;

use LogicException;
use Marrow\Core\Journal\Subject;

/**
 * Every sort of things that entries can be about, seen from one room: each says in an interface of its own what it wants to
 * know of them (RecordedSubject, Presenting\Shows, Projection\Followed …), and App\Things answers all of these.
 *
 * @template T of OfSubject
 */
final readonly class Subjects
{
    /** @var array<string, T> by subject, in the order in which they are named */
    private array $bySubject;

    /** @param  iterable<T>  $sorts */
    public function __construct(iterable $sorts)
    {
        $by = [];
        foreach ($sorts as $one) {
            $by[$one->subject()->value] = $one;
        }
        $this->bySubject = $by;
    }

    /** @return T */
    public function of(Subject $subject): OfSubject
    {
        return $this->bySubject[$subject->value] ?? throw new LogicException("Nothing is known of a $subject->value.");
    }

    /** @return list<T> */
    public function all(): array
    {
        return array_values($this->bySubject);
    }
}
