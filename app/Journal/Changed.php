<?php

declare(strict_types=1);

namespace App\Journal;

use Marrow\Core\Journal\Subject;

/** The journal of some things has grown. Whoever keeps something reckoned from it follows, in the same transaction. */
final readonly class Changed
{
    /** @param  list<array{Subject, string}>  $things  what they are and their ids */
    public function __construct(public array $things) {}

    /** @return list<string> */
    public function ids(Subject $subject): array
    {
        return array_values(array_unique(array_map(
            static fn (array $thing): string => $thing[1],
            array_filter($this->things, static fn (array $thing): bool => $thing[0] === $subject),
        )));
    }
}
