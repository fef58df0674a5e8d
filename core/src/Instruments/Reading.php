<?php

declare(strict_types=1);

namespace Marrow\Core\Instruments;

use DateTimeImmutable;

/** One figure that an instrument told, and when. */
final readonly class Reading
{
    public function __construct(public Measure $measure, public DateTimeImmutable $at, public float $value) {}
}
