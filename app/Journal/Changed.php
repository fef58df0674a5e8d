<?php

declare(strict_types=1);

namespace App\Journal;

use Marrow\Core\Journal\Subject;

/** The journal of some things has grown. Whoever keeps something reckoned from it follows, in the same transaction. */
final readonly class Changed
{
    /** @param  list<array{0: Subject, 1: string, 2?: Reach}>  $things  what they are, their ids, and how far that bears on others; all the way where nothing is said */
    public function __construct(public array $things) {}

    /** @return list<string> ids of those of a sort of which something was told that reaches so far */
    public function ids(Subject $subject, Reach $reach = Reach::Words): array
    {
        return array_values(array_unique(array_map(
            static fn (array $thing): string => $thing[1],
            array_filter($this->things, static fn (array $thing): bool => $thing[0] === $subject && ($thing[2] ?? Reach::Beginning)->value >= $reach->value),
        )));
    }
}
