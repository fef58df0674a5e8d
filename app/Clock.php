<?php

declare(strict_types=1);

namespace App;

use DateTimeImmutable;
use DateTimeZone;
use Psr\Clock\ClockInterface;

/**
 * The one clock: the garden's wall-clock time. MARROW_NOW fixes it for the demo and the tests. Nothing else reads the
 * system time. Moments carry no zone beyond the garden's own, as a diary on its wall would.
 */
final readonly class Clock implements ClockInterface
{
    public function __construct(private ?string $fixed, private DateTimeZone $zone) {}

    public function now(): DateTimeImmutable
    {
        return new DateTimeImmutable($this->fixed ?? 'now', $this->zone);
    }
}
