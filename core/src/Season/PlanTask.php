<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** Something to be done by the plan, on a day or within a time. */
final readonly class PlanTask
{
    /** @param  ?\DateTimeImmutable  $until  the last day for it; null when it is of one day */
    public function __construct(
        public PlannedPlanting $planting,
        public PlanTaskKind $kind,
        public \DateTimeImmutable $on,
        public ?\DateTimeImmutable $until = null,
    ) {}
}
