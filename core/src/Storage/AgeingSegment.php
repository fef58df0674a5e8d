<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

/** A time in which seed aged at one pace. The last segment of a forecast has no end. */
final readonly class AgeingSegment
{
    /**
     * @param  float  $sigmaDays  days to lose one probit at this segment's moisture and temperature
     * @param  float  $away  how far its moisture lies from the one the constants were solved at (ViabilityConstants::awayFromCupboard)
     */
    public function __construct(
        public \DateTimeImmutable $from,
        public float $sigmaDays,
        public float $away = 0.0,
    ) {}
}
