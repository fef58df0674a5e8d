<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** What stands in the way of keeping a planting true: it cannot be brought within its share by anything allowed. */
final readonly class Obstacle
{
    /** @param  list<CrossRisk>  $risks  the largest first */
    public function __construct(public PlannedPlanting $planting, public float $share, public float $allowed, public array $risks) {}
}
