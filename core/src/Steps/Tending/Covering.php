<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

/** A cover, and how long it was on. */
final readonly class Covering
{
    /** @param  ?\DateTimeImmutable  $to  null while it is on */
    public function __construct(public CoverKind $with, public \DateTimeImmutable $from, public ?\DateTimeImmutable $to = null) {}

    public function until(\DateTimeImmutable $to): self
    {
        return new self($this->with, $this->from, $to);
    }
}
