<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Ripening;

/** How one of a planting, or all of it, was found the last time. */
final readonly class Look
{
    public function __construct(public RipenessSeen $seen, public \DateTimeImmutable $at) {}
}
