<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** What the journal knows of a planting that was planned. */
final readonly class Grown
{
    public function __construct(
        public ?\DateTimeImmutable $sownAt = null,
        public ?\DateTimeImmutable $firstBloom = null,
        public ?\DateTimeImmutable $lastBloom = null,
        public bool $isPicked = false,
    ) {}
}
