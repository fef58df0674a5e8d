<?php

declare(strict_types=1);

namespace Marrow\Core\Instruments;

/**
 * What is left of a day's readings when they are thinned: the least, the greatest, their sum and how many they were. Of none
 * of them anything else is kept, and the least, the greatest and the mean of the day are what they were.
 */
final readonly class DaySummary
{
    private function __construct(public float $least, public float $greatest, public float $sum, public int $readings) {}

    public static function of(float $value): self
    {
        return new self($value, $value, $value, 1);
    }

    public static function kept(float $least, float $greatest, float $sum, int $readings): self
    {
        return new self($least, $greatest, $sum, $readings);
    }

    public function with(self $other): self
    {
        return new self(min($this->least, $other->least), max($this->greatest, $other->greatest), $this->sum + $other->sum, $this->readings + $other->readings);
    }

    public function mean(): float
    {
        return $this->sum / $this->readings;
    }

    /** What a day had of it: its sum of what adds up, else its mean. */
    public function figure(Measure $measure): float
    {
        return $measure->addsUp() ? $this->sum : $this->mean();
    }
}
