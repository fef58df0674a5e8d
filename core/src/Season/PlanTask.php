<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** Something a plan asks to be done on a day, or between two. */
final readonly class PlanTask
{
    /**
     * @param  array<string, float|int|string>  $figures  what its reason is built from
     * @param  ?\DateTimeImmutable  $lapses  the last day on which it can still be done; null where it stays until the season is over
     */
    public function __construct(
        public PlannedPlanting $planting,
        public PlanTaskKind $kind,
        public \DateTimeImmutable $on,
        public ?\DateTimeImmutable $until = null,
        public array $figures = [],
        public ?\DateTimeImmutable $lapses = null,
    ) {}

    public function until(?\DateTimeImmutable $lapses): self
    {
        return new self($this->planting, $this->kind, $this->on, $this->until, $this->figures, $lapses);
    }

    /** Put off to a day; null for as it was planned. */
    public function later(?\DateTimeImmutable $to): self
    {
        return $to === null || $to <= $this->on ? $this : new self($this->planting, $this->kind, $to, $this->until === null || $this->until < $to ? null : $this->until, $this->figures, $this->lapses === null ? null : max($this->lapses, $to));
    }
}
