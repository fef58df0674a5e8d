<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** What the journal knows of a planting that was planned. */
final readonly class Grown
{
    /**
     * @param  list<PlanTaskKind>  $done  what is recorded, or said to be done or dropped
     * @param  array<string, \DateTimeImmutable>  $later  day to which it was put off, by the kind of task
     * @param  ?string  $planting  id of the planting
     * @param  int  $standing  plants, by what is recorded
     * @param  int  $inStore  of them that lie in store
     */
    public function __construct(
        public ?\DateTimeImmutable $sownAt = null,
        public ?\DateTimeImmutable $firstBloom = null,
        public ?\DateTimeImmutable $lastBloom = null,
        public bool $isPicked = false,
        public array $done = [],
        public array $later = [],
        public ?string $planting = null,
        public int $standing = 0,
        public int $inStore = 0,
    ) {}
}
