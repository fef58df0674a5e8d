<?php

declare(strict_types=1);

namespace Marrow\Core\Folding;

/** What one more entry would make of a thing, and what is to be asked before it is kept. */
final readonly class Admission
{
    /** @param  list<Question>  $questions  none when it fits */
    public function __construct(public Course $with, public array $questions) {}

    public function fits(): bool
    {
        return $this->questions === [];
    }
}
