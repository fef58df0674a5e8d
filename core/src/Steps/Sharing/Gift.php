<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Sharing;

use Marrow\Core\Steps\Stock\Withdrawn;

/** Seed that somebody else has now. */
final readonly class Gift
{
    /**
     * @param  string  $entry  id of the entry by which it was given
     * @param  bool  $isCalledBack  whether they were told that it is crossed
     */
    public function __construct(public string $entry, public \DateTimeImmutable $at, public Withdrawn $given, public bool $isCalledBack = false) {}

    public function calledBack(): self
    {
        return new self($this->entry, $this->at, $this->given, true);
    }
}
