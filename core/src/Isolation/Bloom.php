<?php

declare(strict_types=1);

namespace Marrow\Core\Isolation;

use Marrow\Core\InvalidFigure;

/** The days in which a planting has open flowers, both ends included. */
final readonly class Bloom
{
    private function __construct(public \DateTimeImmutable $first, public \DateTimeImmutable $last) {}

    /** @throws InvalidFigure when it would end before it begins */
    public static function between(\DateTimeImmutable $first, \DateTimeImmutable $last, string $figure = 'last_bloom'): self
    {
        $first = $first->setTime(0, 0);
        $last = $last->setTime(0, 0);
        if ($last < $first) {
            throw InvalidFigure::because($figure, sprintf(
                '%s must not lie before the first bloom: %s is before %s.',
                $figure,
                $last->format('Y-m-d'),
                $first->format('Y-m-d'),
            ));
        }

        return new self($first, $last);
    }

    /** At least 1. */
    public function days(): int
    {
        return self::count($this->first, $this->last);
    }

    /** Days on which both bloom; 0 when there is none. */
    public function overlapDays(self $other): int
    {
        return max(0, self::count(max($this->first, $other->first), min($this->last, $other->last)));
    }

    /** Days between one going over and the other opening; 0 when they touch or overlap. */
    public function gapTo(self $other): int
    {
        return max(0, -self::count(max($this->first, $other->first), min($this->last, $other->last)));
    }

    /** Later by so many days, earlier where negative. */
    public function shifted(int $days): self
    {
        return new self($this->first->modify(sprintf('%+d days', $days)), $this->last->modify(sprintf('%+d days', $days)));
    }

    private static function count(\DateTimeImmutable $from, \DateTimeImmutable $to): int
    {
        return (int) $from->diff($to)->format('%r%a') + 1;
    }
}
