<?php

declare(strict_types=1);

namespace Marrow\Core\Statistics;

/** A lower and an upper limit with the value between them. */
final readonly class Interval
{
    public function __construct(public float $low, public float $high) {}

    public function halfWidth(): float
    {
        return ($this->high - $this->low) / 2.0;
    }

    public function contains(float $value): bool
    {
        return $value >= $this->low && $value <= $this->high;
    }
}
