<?php

declare(strict_types=1);

namespace App;

use Closure;
use DateTimeImmutable;
use DateTimeZone;
use Psr\Clock\ClockInterface;

/**
 * The one clock: the garden's wall-clock time. MARROW_NOW fixes it for the demo and the tests. Nothing else reads the
 * system time. Moments carry no zone beyond the garden's own, as a diary on its wall would.
 */
final class Clock implements ClockInterface
{
    private ?DateTimeImmutable $turned = null;

    public function __construct(private readonly ?string $fixed, private readonly DateTimeZone $zone) {}

    /**
     * What is told meanwhile is told at that moment: a made-up story is written down as it goes. Never later than it is.
     *
     * @template T
     *
     * @param  Closure(): T  $meanwhile
     * @return T
     */
    public function turnedTo(DateTimeImmutable $at, Closure $meanwhile): mixed
    {
        $was = $this->turned;
        $this->turned = min($at, $this->now());
        try {
            return $meanwhile();
        } finally {
            $this->turned = $was;
        }
    }

    public function now(): DateTimeImmutable
    {
        return $this->turned ?? new DateTimeImmutable($this->fixed ?? 'now', $this->zone);
    }
}
