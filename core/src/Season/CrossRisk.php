<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Isolation\Barrier;
use Marrow\Core\Isolation\IsolationPair;

/** What a planting may get from one source. */
final readonly class CrossRisk
{
    /** @param  float  $distance  m between the nearest edges */
    public function __construct(
        public Site $source,
        public IsolationPair $pair,
        public float $distance,
        public Barrier $barrier,
    ) {}
}
